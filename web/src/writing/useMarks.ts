import type { EditorView } from '@codemirror/view'
import { useEffect, type RefObject } from 'react'
import type { Preview } from '../api/types'
import { showPreview } from './marks'

/**
 * Marks in the entry what its preview says of it.
 *
 * @param ahead how many characters stand before what is written where the preview counts from
 */
export function useMarks(view: RefObject<EditorView | null>, preview: Preview | undefined, ahead = 0) {
  useEffect(() => {
    const editor = view.current
    if (!editor) return
    const cursor = editor.state.selection.main
    editor.dispatch({ effects: showPreview.of({ preview, ahead }) })
    // Marking moves text into other elements, and the browser then forgets where in it the cursor stood.
    if (editor.hasFocus && cursor.empty && !editor.composing) {
      const { node, offset } = editor.domAtPos(cursor.head)
      document.getSelection()?.collapse(node, offset)
    }
  }, [view, preview, ahead])
}
