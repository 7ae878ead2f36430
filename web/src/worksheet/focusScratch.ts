import { EditorView } from '@codemirror/view'

export const SCRATCH_LINE = 'scratch-line'

/** Gives the scratch line the keyboard, with the cursor where it was left. */
export function focusScratch() {
  const line = document.getElementById(SCRATCH_LINE)
  if (line) EditorView.findFromDOM(line)?.focus()
}
