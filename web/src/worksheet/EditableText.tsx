import { useEffect, useRef } from 'react'
import { draftOf } from './drafts'
import { useWorksheetStore } from './store'
import { useDraft } from './useDraft'
import { useNotices } from './useNotices'
import styles from './EditableText.module.css'

interface Props {
  readonly text: string
  /** What it is, for the button and the field. */
  readonly label: string
  /** Keeps it; where that is refused, the text stays in its field. */
  readonly onKeep: (text: string) => unknown
  /** Where its draft lies in the browser, if it is to outlive the page. */
  readonly place?: string
  /** Whether it is opened at once, to be written. */
  readonly isFresh?: boolean
  readonly multiline?: boolean
  /** Whether nothing can be kept. */
  readonly mayBeEmpty?: boolean
  readonly className?: string | undefined
  /** For a label that stands before it: then it looks like a field, and says what it is with its text. */
  readonly id?: string
}

/** A text that is changed in place: click or Enter opens it, Enter or leaving keeps it, Esc leaves it as it was. */
export function EditableText({
  text,
  label,
  onKeep,
  multiline = false,
  mayBeEmpty = false,
  className,
  place = '',
  isFresh = false,
  id,
}: Props) {
  const {
    text: draft,
    write: setDraft,
    leave,
    forget,
    kept,
    refused,
  } = useDraft(place === '' ? '' : draftOf.text(place))
  const field = useRef<HTMLInputElement & HTMLTextAreaElement>(null)
  const shown = useRef<HTMLButtonElement>(null)
  const notices = useNotices()
  /** The keyboard stays where it was. */
  const back = () => requestAnimationFrame(() => shown.current?.focus({ preventScroll: true }))

  useEffect(() => {
    if (!isFresh) return
    useWorksheetStore.setState({ fresh: null })
    setDraft(text)
    requestAnimationFrame(() => {
      field.current?.focus()
      field.current?.select()
    })
  }, [isFresh, text, setDraft])

  if (draft === null) {
    return (
      <button
        ref={shown}
        id={id}
        type="button"
        className={`${styles.shown} ${id ? styles.framed : ''} ${className ?? ''}`}
        aria-label={id && `${label}: ${text || 'nothing'}`}
        title={`Change ${label}`}
        onClick={() => setDraft(text)}
      >
        {text || <span className={styles.empty}>{label}</span>}
      </button>
    )
  }

  const keep = () => {
    const isOther = (mayBeEmpty || draft.trim() !== '') && draft !== text
    if (!isOther) {
      forget()
      return
    }
    leave()
    void Promise.resolve(onKeep(draft.trim())).then(
      () => kept(draft),
      () => refused(draft),
    )
  }
  /** Leaves it as it was; what was written is offered again. */
  const escape = () => {
    forget()
    if (draft !== text && draft.trim() !== '') {
      notices.offer(`The ${label} stays as it was.`, 'Write on', () => setDraft(draft))
    }
  }
  const shared = {
    ref: field,
    id,
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
      if (event.key === 'Escape') {
        escape()
        back()
      }
      if (event.key === 'Enter' && !event.shiftKey) {
        event.preventDefault()
        keep()
        back()
      }
    },
  }
  return multiline ? <textarea rows={3} {...shared} /> : <input size={Math.max(8, draft.length)} {...shared} />
}
