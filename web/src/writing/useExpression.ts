import { autocompletion } from '@codemirror/autocomplete'
import { history } from '@codemirror/commands'
import { Annotation, EditorState, Transaction, type Extension } from '@codemirror/state'
import { EditorView, keymap, placeholder, type KeyBinding } from '@codemirror/view'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { askedPreview, usePreview } from '../api/queries'
import type { Draft, Preview } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { betterEntry } from './better'
import { completing } from './completing'
import { lineKeys } from './lineKeys'
import { previewMarks } from './marks'
import { useMarks } from './useMarks'

interface Asked {
  /** What is written. */
  readonly text: string
  readonly onWrite: (text: string) => void
  /** Where it stands, and what it may speak of; what it would be in a cell is calculated here without an equals sign. */
  readonly draft: Omit<Draft, 'entry' | 'cursor' | 'scratch'>
  /** Of the element that is written in: its label above all. */
  readonly attributes: Readonly<Record<string, string>>
  readonly shownWhenEmpty?: string
  /** Keys that do something else here than in an editor. */
  readonly keys?: readonly KeyBinding[]
  /** Whether what is written is looked at. */
  readonly isUsed: boolean
}

/** How many characters stand before what is written where its preview counts from: an equals sign, or nothing. */
const aheadIn = (preview: Preview | undefined, text: string) =>
  preview?.entry.trimStart().startsWith('=') && !text.trimStart().startsWith('=') ? 1 : 0

/** What was written from outside is known there, and nothing that a person writes. */
const fromOutside = Annotation.define<true>()

/** A line is a line: what is pasted loses its breaks. */
const inOneLine: Extension = EditorState.transactionFilter.of((transaction) =>
  transaction.newDoc.lines > 1
    ? {
        changes: {
          from: 0,
          to: transaction.startState.doc.length,
          insert: transaction.newDoc
            .toString()
            .replace(/\s*\n\s*/g, ' ')
            .trim(),
        },
        annotations: Transaction.userEvent.of('input.paste'),
      }
    : transaction,
)

/** The editor of one line in which an expression is written, outside cells: marks, completions, fixes. */
export function useExpression({ text, onWrite, draft, attributes, shownWhenEmpty = '', keys = [], isUsed }: Asked) {
  const { worksheet } = useOpenWorksheet()
  const client = useQueryClient()
  const host = useRef<HTMLDivElement>(null)
  const view = useRef<EditorView | null>(null)
  const [cursor, setCursor] = useState(text.length)
  const asked = { ...draft, scratch: true }
  const answer = usePreview(worksheet.id, { ...asked, entry: text, cursor: Math.min(cursor, text.length) }, isUsed)
  const preview = text.trim() === '' ? undefined : answer.data
  const ahead = aheadIn(preview, text)
  const now = useRef({ text, onWrite, asked, keys, id: worksheet.id })
  useEffect(() => {
    now.current = { text, onWrite, asked, keys, id: worksheet.id }
  })

  const replace = useCallback((next: string) => {
    const editor = view.current
    if (!editor) return
    editor.dispatch({
      changes: { from: 0, to: editor.state.doc.length, insert: next },
      selection: { anchor: next.length },
    })
    editor.focus()
  }, [])
  /** Writes it as its error or hint offers it; where the key is faster than the answer, that is waited for. */
  const mend = useCallback(async () => {
    const written = view.current?.state.doc.toString() ?? ''
    const found = await askedPreview(client, now.current.id, { ...now.current.asked, entry: written })
    const better = found && betterEntry(found)
    if (better && view.current?.state.doc.toString() === written) replace(better.slice(aheadIn(found, written)))
  }, [client, replace])
  const insert = useCallback((sign: string) => {
    view.current?.dispatch(view.current.state.replaceSelection(sign))
    view.current?.focus()
  }, [])

  const [first] = useState({ text, attributes, shownWhenEmpty })
  // Before the next key: what is typed fast goes into the editor.
  useLayoutEffect(() => {
    if (!host.current) return
    const own = (event: KeyboardEvent, editor: EditorView) => {
      const binding = now.current.keys.find(({ key }) => key === event.key)
      return binding?.run?.(editor) ?? false
    }
    const editor = new EditorView({
      parent: host.current,
      state: EditorState.create({
        doc: first.text,
        selection: { anchor: first.text.length },
        extensions: [
          previewMarks,
          history(),
          inOneLine,
          autocompletion({
            override: [
              completing(
                client,
                () => now.current.id,
                () => now.current.asked,
              ),
            ],
            selectOnOpen: false,
            interactionDelay: 0,
            icons: false,
          }),
          keymap.of([
            { key: 'Alt-Enter', run: () => (void mend(), true) },
            { any: (editor, event) => own(event, editor) },
          ]),
          lineKeys,
          placeholder(first.shownWhenEmpty),
          EditorView.contentAttributes.of({ spellcheck: 'false', 'aria-multiline': 'false', ...first.attributes }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged || update.selectionSet) setCursor(update.state.selection.main.head)
            const written = update.state.doc.toString()
            const isOwn = !update.transactions.some((each) => each.annotation(fromOutside))
            if (update.docChanged && isOwn && written !== now.current.text) now.current.onWrite(written)
          }),
        ],
      }),
    })
    view.current = editor
    return () => {
      editor.destroy()
      view.current = null
    }
  }, [client, first, mend])

  // What is written from outside, as an earlier line brought back.
  useLayoutEffect(() => {
    const editor = view.current
    if (!editor || editor.state.doc.toString() === text) return
    editor.dispatch({
      changes: { from: 0, to: editor.state.doc.length, insert: text },
      selection: { anchor: text.length },
      annotations: fromOutside.of(true),
    })
  }, [text])
  useMarks(view, preview, ahead)

  return {
    host,
    view,
    preview,
    isBehind: answer.isPlaceholderData,
    /** Writes what the server offers for it. */
    onReplace: (offered: string) => replace(offered.slice(ahead)),
    insert,
  }
}
