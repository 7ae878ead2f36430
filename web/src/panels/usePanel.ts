import { useWorksheetStore } from '../worksheet/store'

/** Gives the keyboard back to the selected grid, once the panel is gone. */
function returnFocus() {
  const { selection } = useWorksheetStore.getState()
  const id = selection.kind === 'cells' ? selection.grid : ''
  document.querySelector<HTMLElement>(`#block-${CSS.escape(id)} [role="grid"]`)?.focus({ preventScroll: true })
}

/** Closing the open panel. */
export function usePanel() {
  const show = useWorksheetStore((state) => state.show)
  return {
    close: () => {
      show(null)
      requestAnimationFrame(returnFocus)
    },
  }
}
