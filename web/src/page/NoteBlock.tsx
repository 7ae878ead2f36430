import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Note } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { draftOf } from '../worksheet/drafts'
import { useWorksheetStore } from '../worksheet/store'
import { useDraft } from '../worksheet/useDraft'
import { useNotices } from '../worksheet/useNotices'
import { BlockCaption } from '../block/BlockCaption'
import { later } from '../later/later'
import styles from './NoteBlock.module.css'

const NoteText = later(
  () => import('./NoteText').then((module) => module.NoteText),
  ({ text }) => text,
)

/** Marks that can be put around the selected text. */
const MARKS = [
  { label: 'Bold', before: '**', behind: '**', keys: 'b' },
  { label: 'Italic', before: '*', behind: '*', keys: 'i' },
  { label: 'Heading', before: '### ', behind: '', keys: '' },
  { label: 'List', before: '- ', behind: '', keys: '' },
  { label: 'Formula', before: '$', behind: '$', keys: 'm' },
] as const

/** A text between the grids: formatted when read, with its marks when written. */
export function NoteBlock({ note }: { readonly note: Note }) {
  const { at, keep } = useOpenWorksheet()
  const { text: draft, write: setDraft, leave, forget, left, kept, refused } = useDraft(draftOf.note(note.id))
  const notices = useNotices()
  const field = useRef<HTMLTextAreaElement>(null)
  const shown = useRef<HTMLButtonElement>(null)
  const isFresh = useWorksheetStore((state) => state.fresh === note.id)

  // A note that was just added is written in: its placeholder is selected, so that the first letter replaces it.
  useEffect(() => {
    if (!isFresh) return
    useWorksheetStore.setState({ fresh: null })
    setDraft(note.text)
    requestAnimationFrame(() => {
      field.current?.focus()
      field.current?.select()
    })
  }, [isFresh, note.text, setDraft])

  const finish = () => {
    if (draft === null || draft === note.text) {
      forget()
      return
    }
    leave()
    keep([{ do: 'changeBlock', block: { ...note, text: draft } }]).then(
      () => kept(draft),
      () => refused(draft),
    )
  }
  /** Leaves the note as it was; what was written is offered again. */
  const escape = () => {
    if (draft === null || draft === note.text) {
      forget()
      return
    }
    leave()
    notices.keep('What you wrote in the note is not kept.', 'Write on', () => setDraft(draft))
  }
  /** The keyboard stays with the note. */
  const back = () => requestAnimationFrame(() => shown.current?.focus({ preventScroll: true }))
  const open = () => setDraft(left() ?? note.text)
  const surround = (before: string, behind: string) => {
    const text = field.current
    if (!text) return
    const { selectionStart: start, selectionEnd: end, value } = text
    setDraft(value.slice(0, start) + before + value.slice(start, end) + behind + value.slice(end))
    requestAnimationFrame(() => {
      text.focus()
      text.setSelectionRange(start + before.length, end + before.length)
    })
  }
  const press = (event: KeyboardEvent) => {
    event.stopPropagation()
    const mark = MARKS.find(({ keys }) => keys !== '' && event.key.toLowerCase() === keys)
    if (event.key === 'Escape') {
      escape()
      back()
    } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      finish()
      back()
    } else if (mark && (event.ctrlKey || event.metaKey)) {
      event.preventDefault()
      surround(mark.before, mark.behind)
    }
  }

  return (
    <figure className={styles.note} id={`block-${note.id}`} aria-label="Note">
      <BlockCaption block={note} />
      {draft === null ? (
        // A text, which a click opens as well as its button does.
        <div
          className={styles.text}
          onClick={(event) => {
            if (at === null && !(event.target instanceof HTMLAnchorElement)) open()
          }}
        >
          <NoteText text={note.text} />
          {at === null && (
            <button ref={shown} type="button" className={styles.change} onClick={open}>
              Change note
            </button>
          )}
        </div>
      ) : (
        <div
          className={styles.writing}
          onBlur={(event) => {
            if (!event.currentTarget.contains(event.relatedTarget)) finish()
          }}
        >
          <div role="toolbar" aria-label="Marks" className={styles.marks}>
            {MARKS.map(({ label, before, behind }) => (
              <button key={label} type="button" onClick={() => surround(before, behind)}>
                {label}
              </button>
            ))}
            <span>
              <kbd>Ctrl Enter</kbd> keeps, <kbd>Esc</kbd> leaves
            </span>
          </div>
          <textarea
            ref={field}
            aria-label="note"
            autoFocus
            rows={Math.max(3, draft.split('\n').length + 1)}
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
            onKeyDown={press}
          />
        </div>
      )}
    </figure>
  )
}
