import { useState } from 'react'
import styles from './EditableText.module.css'

interface Props {
  readonly text: string
  /** What it is, for the button and the field. */
  readonly label: string
  readonly onKeep: (text: string) => void
  readonly multiline?: boolean
  /** Whether nothing can be kept. */
  readonly mayBeEmpty?: boolean
  readonly className?: string | undefined
}

/** A text that is changed in place: click or Enter opens it, Enter or leaving keeps it, Esc leaves it as it was. */
export function EditableText({ text, label, onKeep, multiline = false, mayBeEmpty = false, className }: Props) {
  const [draft, setDraft] = useState<string | null>(null)

  if (draft === null) {
    return (
      <button
        type="button"
        className={`${styles.shown} ${className ?? ''}`}
        title={`Change ${label}`}
        onClick={() => setDraft(text)}
      >
        {text || <span className={styles.empty}>{label}</span>}
      </button>
    )
  }

  const keep = () => {
    setDraft(null)
    if ((mayBeEmpty || draft.trim() !== '') && draft !== text) onKeep(draft.trim())
  }
  const shared = {
    className: `${styles.field} ${className ?? ''}`,
    'aria-label': label,
    value: draft,
    autoFocus: true,
    onBlur: keep,
    onChange: (event: { readonly target: { readonly value: string } }) => setDraft(event.target.value),
    onKeyDown: (event: {
      readonly key: string
      readonly shiftKey: boolean
      preventDefault(): void
      stopPropagation(): void
    }) => {
      event.stopPropagation()
      if (event.key === 'Escape') setDraft(null)
      if (event.key === 'Enter' && !event.shiftKey) {
        event.preventDefault()
        keep()
      }
    },
  }
  return multiline ? <textarea rows={3} {...shared} /> : <input size={Math.max(8, draft.length)} {...shared} />
}
