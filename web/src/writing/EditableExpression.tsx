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
  /** For a label that stands before it. */
  readonly id?: string
}

const AFTER_CLICK = 200

/** An expression that is changed in place: click or Enter opens it, Enter or leaving keeps it, Esc leaves it as it was. */
export function EditableExpression({ text, label, grid, given = null, onKeep, id }: Props) {
  const [draft, setDraft] = useState<string | null>(null)
  const isOpen = useRef(false)
  const shown = useRef<HTMLButtonElement>(null)
  const notices = useNotices()
  const open = (written: string) => {
    isOpen.current = true
    setDraft(written)
  }
  const back = () => requestAnimationFrame(() => shown.current?.focus({ preventScroll: true }))
  if (draft === null) {
    return (
      <button
        ref={shown}
        id={id}
        type="button"
        className={styles.closed}
        title={`Change ${label}`}
        aria-label={`${label}: ${text}`}
        onClick={() => open(text)}
      >
        {text}
      </button>
    )
  }
  /** Once, and not after Esc: a field that goes away is left as well. */
  const keep = () => {
    if (!isOpen.current) return
    isOpen.current = false
    if (draft.trim() === '' || draft === text) return
    // What is refused stays in its field.
    void Promise.resolve(onKeep(draft.trim())).catch(() => open(draft))
  }
  return (
    <ExpressionField
      label={label}
      text={draft}
      onWrite={setDraft}
      grid={grid}
      given={given}
      autoFocus
      onLeave={() => {
        keep()
        // After the click that has left it: nothing moves under it.
        setTimeout(() => isOpen.current || setDraft(null), AFTER_CLICK)
      }}
      onEnter={() => {
        keep()
        setDraft(null)
        back()
      }}
      onEscape={() => {
        isOpen.current = false
        setDraft(null)
        back()
        if (draft !== text && draft.trim() !== '') {
          notices.offer(`The ${label} stays as it was.`, 'Write on', () => open(draft))
        }
      }}
    />
  )
}
