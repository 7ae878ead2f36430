import { useRef, useState } from 'react'
import type { Draft } from '../api/types'
import { useNotices } from '../worksheet/useNotices'
import { ExpressionField } from './ExpressionField'
import styles from './Writing.module.css'

interface Props {
  readonly text: string
  readonly label: string
  readonly grid: string
  readonly given: Draft['given']
  readonly onKeep: (text: string) => unknown
}

/** An expression that is changed in place: click or Enter opens it, Enter or leaving keeps it, Esc leaves it as it was. */
export function EditableExpression({ text, label, grid, given = null, onKeep }: Props) {
  const [draft, setDraft] = useState<string | null>(null)
  const shown = useRef<HTMLButtonElement>(null)
  const notices = useNotices()
  const back = () => requestAnimationFrame(() => shown.current?.focus({ preventScroll: true }))
  if (draft === null) {
    return (
      <button
        ref={shown}
        type="button"
        className={styles.closed}
        title={`Change ${label}`}
        aria-label={`${label}: ${text}`}
        onClick={() => setDraft(text)}
      >
        {text}
      </button>
    )
  }
  const keep = () => {
    setDraft(null)
    if (draft.trim() === '' || draft === text) return
    // What is refused stays in its field.
    void Promise.resolve(onKeep(draft.trim())).catch(() => setDraft(draft))
  }
  return (
    <ExpressionField
      label={label}
      text={draft}
      onWrite={setDraft}
      grid={grid}
      given={given}
      autoFocus
      onLeave={keep}
      onEnter={() => {
        keep()
        back()
      }}
      onEscape={() => {
        setDraft(null)
        back()
        if (draft !== text && draft.trim() !== '') {
          notices.offer(`The ${label} stays as it was.`, 'Write on', () => setDraft(draft))
        }
      }}
    />
  )
}
