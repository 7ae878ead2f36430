import { autocompletion, completionStatus } from '@codemirror/autocomplete'
import { history } from '@codemirror/commands'
import { EditorState, Transaction } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useLayoutEffect, useRef } from 'react'
import { Refusal } from '../api/client'
import { keys } from '../api/keys'
import type { Preview, Worksheet } from '../api/types'
import { addressOf, areaBetween, type At } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { draftOf, drafts } from '../worksheet/drafts'
import { useWorksheetStore, type Composing, type Writer } from '../worksheet/store'
import { startOf, tabbed } from '../worksheet/tabbing'
import { useNotices } from '../worksheet/useNotices'
import { completing } from '../writing/completing'
import { entryKeys } from './entryKeys'
import { arrowed, type ArrowKey } from './fixed'
import { previewMarks } from '../writing/marks'
import { referenceText, whereToPoint, type Pointed } from './pointing'
import { useMarks } from '../writing/useMarks'

/** The editor of the composer: keys that keep or leave, completions, marks, and references by pointing. */
export function useEditor(initial: Composing, preview: Preview | undefined) {
  const { worksheet, keep, grids } = useOpenWorksheet()
  const client = useQueryClient()
  const host = useRef<HTMLDivElement>(null)
  const view = useRef<EditorView | null>(null)
  const pointed = useRef<Pointed | null>(null)
  const arrows = useRef<{ readonly anchor: At; readonly focus: At } | null>(null)
  const notices = useNotices()
  const offerAgain = (text: string, again: () => void) => notices.keep(text, 'Write it again', again)
  const offer = (text: string, again: () => void) => notices.offer(text, 'Write on', again)
  const now = useRef({ grids, keep, offerAgain, offer, id: worksheet.id })
  useEffect(() => {
    now.current = { grids, keep, offerAgain, offer, id: worksheet.id }
  })

  const replace = useCallback((text: string) => {
    const editor = view.current
    if (!editor) return
    editor.dispatch({
      changes: { from: 0, to: editor.state.doc.length, insert: text },
      selection: { anchor: text.length },
    })
    editor.focus()
  }, [])

  // Before the next key or click: what is typed fast goes into the editor, and pointing finds it.
  useLayoutEffect(() => {
    if (!host.current) return
    const { compose, write: setWriter, select } = useWorksheetStore.getState()
    const { grid, at, kept } = initial
    const address = addressOf(at)

    const where = draftOf.cell(grid, address)
    const { id } = now.current
    const base = client.getQueryData<Worksheet>(keys.outline(id))?.revision
    const left = initial.draft === kept ? drafts.read(id, where) : null
    const text = left ?? initial.draft
    const write = (next: string) => {
      if (next === kept) drafts.forget(id, where)
      else drafts.write(id, where, next)
    }
    const again = (written: string) => () => {
      select({ kind: 'cells', grid, anchor: at, focus: at })
      compose({ grid, at, draft: written, cursor: written.length, kept })
    }

    const leave = (columns: number, rows: number) => {
      const start = rows === 1 ? startOf(grid, at) : null
      const target = { column: start ?? Math.max(0, at.column + columns), row: at.row + rows }
      if (columns !== 0) tabbed(grid, at, target)
      compose(null)
      select({ kind: 'cells', grid, anchor: target, focus: target })
      return true
    }
    /** What was typed comes back into the composer where it could not be kept. */
    const keepText = (editor: EditorView) => {
      const text = editor.state.doc.toString()
      drafts.forget(id, where) // from here on it is on its way, and lies with what is to be sent
      if (text === kept) return
      if (text !== '') useWorksheetStore.setState({ typed: { grid, at } })
      now.current.keep([{ do: 'enter', grid, cells: [{ cell: address, text }] }], base).catch((reason: unknown) => {
        // Where the cell holds something else by now, both are shown to choose from.
        if (reason instanceof Refusal && (reason.problem.cells?.length ?? 0) > 0) return
        drafts.write(id, where, text)
        const { composing } = useWorksheetStore.getState()
        if (composing === null) again(text)()
        else now.current.offerAgain(`What was written in ${address} could not be kept: ${text}`, again(text))
      })
    }
    /** Leaves the cell as it is; what was written is kept for later and offered. */
    const escape = (editor: EditorView) => {
      const text = editor.state.doc.toString()
      if (text !== kept && text.trim() !== '') now.current.offer(`\`${text}\` is not kept in ${address}.`, again(text))
      return leave(0, 0)
    }
    /** A reference by arrow keys: from the cell itself, where one can stand at the end of the text. */
    const pointByArrow = (editor: EditorView, key: ArrowKey, extend: boolean) => {
      const text = editor.state.doc.toString()
      const cursor = editor.state.selection.main
      if (!cursor.empty || cursor.head !== text.length || completionStatus(editor.state) === 'active') return false
      const isGoingOn = pointed.current?.text === text && arrows.current !== null
      const from = isGoingOn && arrows.current ? arrows.current : { anchor: at, focus: at }
      const focus = arrowed(from.focus, key)
      const next = { anchor: extend && isGoingOn ? from.anchor : focus, focus }
      if (!writer.point(grid, areaBetween(next.anchor, next.focus))) return false
      arrows.current = next
      document.getElementById(`cell-${grid}-${addressOf(focus)}`)?.scrollIntoView({ block: 'nearest' })
      return true
    }
    const keepAndGo = (columns: number, rows: number) => (editor: EditorView) => {
      keepText(editor)
      return leave(columns, rows)
    }

    const editor = new EditorView({
      parent: host.current,
      state: EditorState.create({
        extensions: [
          previewMarks,
          history(),
          autocompletion({
            override: [
              completing(
                client,
                () => now.current.id,
                () => ({ grid, address }),
              ),
            ],
            selectOnOpen: false,
            interactionDelay: 0,
            icons: false,
          }),
          entryKeys({ keepAndGo, pointByArrow, escape }),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ 'aria-label': `Entry of ${address}`, spellcheck: 'false' }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged || update.selectionSet) {
              const draft = update.state.doc.toString()
              if (update.docChanged) write(draft)
              compose({ grid, at, draft, cursor: update.state.selection.main.head, kept })
            }
          }),
        ],
      }),
    })
    view.current = editor
    editor.focus()
    // The text comes after the focus: the browser puts the cursor of a text that is there already at its beginning.
    editor.dispatch({
      changes: { from: 0, insert: text },
      selection: { anchor: left === null ? Math.min(initial.cursor, text.length) : text.length },
      annotations: Transaction.addToHistory.of(false),
    })

    const writer: Writer = {
      finish: () => {
        keepText(editor)
        compose(null)
      },
      point: (otherGrid, area) => {
        const text = editor.state.doc.toString()
        const where = whereToPoint(text, editor.state.selection.main.head, pointed.current)
        if (!where) return false
        const insert = referenceText(otherGrid, grid, area, now.current.grids)
        const end = where.from + insert.length
        editor.dispatch({ changes: { ...where, insert }, selection: { anchor: end } })
        pointed.current = { from: where.from, to: end, text: editor.state.doc.toString() }
        arrows.current = null
        editor.focus()
        return true
      },
      focus: () => editor.focus(),
      insert: (text) => {
        editor.dispatch(editor.state.replaceSelection(text))
        editor.focus()
      },
    }
    setWriter(writer)

    return () => {
      setWriter(null)
      editor.destroy()
      view.current = null
    }
  }, [initial, client])

  useMarks(view, preview)

  return { host, replace }
}
