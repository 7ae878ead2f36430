import { useEffect, useRef } from 'react'
import { api } from '../api/client'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Foot.module.css'
import { NOWHERE } from '../sheet/nowhere'
import type { TapeLine } from '../api/types'
import { asEntry } from '../typeset/copies'

interface Props {
  readonly lines: readonly TapeLine[]
  /** The selected cell, into which a line can be put. */
  readonly target: string | null
  readonly onRecall: (line: TapeLine) => void
  readonly onClear: () => void
  readonly onClose: () => void
}

/** The last answers, the newest at the foot. */
export function Tape({ lines, target, onRecall, onClear, onClose }: Props) {
  const { worksheet, keep, kept } = useOpenWorksheet()
  const list = useRef<HTMLUListElement>(null)
  useEffect(() => {
    list.current?.scrollTo(0, list.current.scrollHeight)
  }, [lines])

  const put = (text: string) => {
    const { selection } = useWorksheetStore.getState()
    if (selection.kind !== 'cells' || !target) return
    void keep([{ do: 'enter', grid: selection.grid, cells: [{ cell: target, text }] }]).catch(() => undefined)
  }

  /** As it is typed into a cell: what is no value there begins with an equals sign. */
  const putEntry = ({ entry, line }: TapeLine) => {
    const { selection } = useWorksheetStore.getState()
    if (selection.kind !== 'cells') return
    const draft = { grid: selection.grid, address: NOWHERE, entry, scratch: true, line }
    void kept()
      .then(() => api.preview(worksheet.id, draft))
      .then(
        (preview) => put(preview.entry),
        () => undefined,
      )
  }

  return (
    <section className={styles.tape} aria-label="Tape">
      <header>
        <span>
          Tape · <kbd>↑</kbd> brings lines back, after first letters those that begin so · <code>answer</code> is the
          last one
        </span>
        <span>
          <button type="button" onClick={onClear}>
            clear
          </button>{' '}
          <button type="button" onClick={onClose}>
            close
          </button>
        </span>
      </header>
      <ul ref={list}>
        {lines.map((line) => (
          <li key={line.line}>
            <button type="button" className={styles.line} title="Bring it back" onClick={() => onRecall(line)}>
              <code>{line.entry}</code>
              <b>
                {line.exact ? '= ' : '≈ '}
                {line.display}
              </b>
            </button>
            {target && (
              <span className={styles.put}>
                into {target}:
                <button type="button" onClick={() => putEntry(line)}>
                  formula
                </button>
                <button type="button" title={line.value} onClick={() => put(asEntry(line.value))}>
                  value
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
