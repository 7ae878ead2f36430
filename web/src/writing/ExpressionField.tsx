import { useEffect, useState } from 'react'
import type { Draft } from '../api/types'
import { NOWHERE } from '../sheet/nowhere'
import { Said } from './Said'
import { Signs } from './Signs'
import { useExpression } from './useExpression'
import styles from './Writing.module.css'

interface Props {
  readonly label: string
  readonly text: string
  readonly onWrite: (text: string) => void
  /** The grid whose names and cells it may use. */
  readonly grid: string
  /** Words that stand for values in it: the first is told with what is shown. */
  readonly given?: Draft['given']
  readonly placeholder?: string
  readonly autoFocus?: boolean
  /** Enter, once nothing is left to complete; a field of a form sends that. */
  readonly onEnter?: () => void
  readonly onEscape?: () => void
  readonly onLeave?: () => void
}

/** A field for an expression in a form: the same editor as in cells, with what is said of it under it. */
export function ExpressionField({
  label,
  text,
  onWrite,
  grid,
  given = null,
  placeholder = '',
  autoFocus = false,
  onEnter,
  onEscape,
  onLeave,
}: Props) {
  const [isUsed, setUsed] = useState(autoFocus)
  const { host, view, preview, onReplace, insert } = useExpression({
    text,
    onWrite,
    draft: { grid, address: NOWHERE, given },
    attributes: { 'aria-label': label },
    shownWhenEmpty: placeholder,
    isUsed,
    keys: [
      {
        key: 'Enter',
        run: () => {
          if (onEnter) onEnter()
          else host.current?.closest('form')?.requestSubmit()
          return true
        },
      },
      { key: 'Escape', run: () => (onEscape?.(), onEscape !== undefined) },
    ],
  })
  useEffect(() => {
    if (autoFocus) view.current?.focus()
  }, [autoFocus, view])
  const [first] = given ?? []
  return (
    <div
      className={styles.framed}
      onFocus={() => setUsed(true)}
      onBlur={(event) => {
        // What is said of it stays, so that nothing moves under the click that leaves it.
        if (!event.currentTarget.contains(event.relatedTarget)) onLeave?.()
      }}
    >
      <div ref={host} className={styles.editor} />
      {isUsed && preview && (
        <Said preview={preview} entry={text} onReplace={onReplace} at={first ? `${first.word} = ${first.value}` : ''} />
      )}
      {isUsed && <Signs onInsert={insert} />}
    </div>
  )
}
