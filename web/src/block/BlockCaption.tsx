import { Dropdown } from 'antd'
import { useRef, type ReactNode } from 'react'
import type { Block } from '../api/types'
import { moveEdit, placeOf } from '../commands/pageCommands'
import { EditableText } from '../worksheet/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './BlockCaption.module.css'
import { useMovableBlock } from './useMoving'

interface Props {
  readonly block: Block
  readonly onTitle?: (title: string) => void
  readonly children?: ReactNode
}

/** The line over a block: a hold to move it by, its title, and what can be done with it. */
export function BlockCaption({ block, onTitle, children }: Props) {
  const { worksheet, at, keep } = useOpenWorksheet()
  const hold = useRef<HTMLButtonElement>(null)
  const title = block.kind === 'note' ? 'note' : block.title
  useMovableBlock(block, block.kind === 'note' ? 'The note' : `The ${block.kind} ${title}`, hold)
  const spot = placeOf(worksheet.sections, block.id)
  const send = (edit: Parameters<typeof keep>[0][number] | null) => {
    if (edit) void keep([edit]).catch(() => undefined)
  }
  const items = [
    {
      key: 'up',
      label: 'Move up',
      extra: 'Alt PageUp',
      onClick: () => spot && send(moveEdit(worksheet.sections, spot, -1)),
    },
    {
      key: 'down',
      label: 'Move down',
      extra: 'Alt PageDown',
      onClick: () => spot && send(moveEdit(worksheet.sections, spot, 1)),
    },
    {
      key: 'beside',
      label: block.beside ? 'Stand under the block before' : 'Stand beside the block before',
      onClick: () => send({ do: 'changeBlock', block: { ...block, beside: !block.beside } }),
    },
    { type: 'divider' as const },
    {
      key: 'out',
      label: 'Take off the page',
      danger: true,
      onClick: () => send({ do: 'removeBlock', block: block.id }),
    },
  ]

  return (
    <figcaption className={styles.caption}>
      {at === null && (
        <button
          ref={hold}
          type="button"
          className={styles.hold}
          aria-label={`Move ${title}: drag, or Alt Up and Alt Down`}
          onKeyDown={(event) => {
            const by =
              event.altKey && event.key === 'ArrowUp' ? -1 : event.altKey && event.key === 'ArrowDown' ? 1 : null
            if (by === null || !spot) return
            event.preventDefault()
            event.stopPropagation()
            send(moveEdit(worksheet.sections, spot, by))
          }}
        >
          <svg width="8" height="14" viewBox="0 0 8 14" aria-hidden="true">
            {[2, 7, 12].flatMap((y) =>
              [2, 6].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.1" fill="currentcolor" />),
            )}
          </svg>
        </button>
      )}
      {onTitle && block.kind !== 'note' && (
        <EditableText
          text={block.title}
          label={`${block.kind} title`}
          className={styles.title}
          place={block.id}
          onKeep={onTitle}
        />
      )}
      <span className={styles.aside}>{children}</span>
      {at === null && (
        <Dropdown menu={{ items }} trigger={['click']}>
          <button type="button" className={styles.menu} aria-label={`What can be done with ${title}`}>
            ⋯
          </button>
        </Dropdown>
      )}
    </figcaption>
  )
}
