import { acceptCompletion, completionKeymap } from '@codemirror/autocomplete'
import { defaultKeymap, historyKeymap, insertNewline } from '@codemirror/commands'
import { Prec, type Extension } from '@codemirror/state'
import { keymap, type EditorView } from '@codemirror/view'
import { withNextSigns, type ArrowKey } from './fixed'

/** What keys do to the entry that is written; each tells whether it did anything. */
interface EntryActs {
  /** Keeps the entry and goes on so many columns and rows away. */
  readonly keepAndGo: (columns: number, rows: number) => (editor: EditorView) => boolean
  readonly pointByArrow: (editor: EditorView, key: ArrowKey, extend: boolean) => boolean
  readonly escape: (editor: EditorView) => boolean
}

/** Turns the dollar signs of the reference at the cursor. */
function turnFixed(editor: EditorView): boolean {
  const turned = withNextSigns(editor.state.doc.toString(), editor.state.selection.main.head)
  if (!turned) return true
  const { from, to, insert } = turned
  editor.dispatch({ changes: { from, to, insert }, selection: { anchor: from + insert.length } })
  return true
}

/** The keys of an entry: completions go before leaving by Tab, and leaving before what an editor does by itself. */
export function entryKeys({ keepAndGo, pointByArrow, escape }: EntryActs): Extension {
  return [
    Prec.highest(
      keymap.of([
        { key: 'Tab', run: (each) => acceptCompletion(each) || keepAndGo(1, 0)(each) },
        { key: 'Shift-Tab', run: keepAndGo(-1, 0) },
      ]),
    ),
    keymap.of([
      ...completionKeymap,
      { key: 'Enter', run: keepAndGo(0, 1) },
      { key: 'Shift-Enter', run: insertNewline },
      { key: 'Alt-4', run: turnFixed },
      ...(['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'] as const).map((key) => ({
        key,
        run: (each: EditorView) => pointByArrow(each, key, false),
        shift: (each: EditorView) => pointByArrow(each, key, true),
      })),
      { key: 'Escape', run: escape },
      ...historyKeymap,
      ...defaultKeymap,
    ]),
  ]
}
