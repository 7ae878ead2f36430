import { useEffect, useRef } from 'react'
import { useWorksheetStore } from './store'

/** Gives the keyboard back to the selected grid, unless something else has it or another panel has opened. */
export function returnFocus() {
  const { selection, composing, panel, writer } = useWorksheetStore.getState()
  const { activeElement } = document
  const isFree = activeElement === document.body || activeElement?.closest('.ant-modal') !== null
  if (panel !== null || !isFree) return
  if (composing !== null) {
    writer?.focus()
    return
  }
  const id = selection.kind === 'cells' ? selection.grid : ''
  document.querySelector<HTMLElement>(`#block-${CSS.escape(id)} [role="grid"]`)?.focus({ preventScroll: true })
}

/** Closing the panel this is called in. An answer that comes when it is gone closes no other that was opened since. */
export function usePanel() {
  const show = useWorksheetStore((state) => state.show)
  const isOpen = useRef(false)
  useEffect(() => {
    isOpen.current = true
    return () => {
      isOpen.current = false
    }
  }, [])
  return {
    close: () => {
      if (!isOpen.current) return
      show(null)
      queueMicrotask(returnFocus) // at once, since the next key is to find the grid
      requestAnimationFrame(returnFocus)
    },
  }
}
