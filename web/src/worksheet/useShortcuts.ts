import { useEffect } from 'react'
import { useWorksheetStore } from './store'

/** The keys that work anywhere on a worksheet page. Fields keep their own undo. */
export function useShortcuts(step: (way: 'undo' | 'redo') => void) {
  const toggle = useWorksheetStore((state) => state.toggle)

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const inField =
        event.target instanceof HTMLElement && event.target.matches('input, textarea, [contenteditable="true"]')
      const key = event.key.toLowerCase()
      if ((event.ctrlKey || event.metaKey) && !event.altKey && !inField) {
        if (key === 'z' && !event.shiftKey) act(event, () => step('undo'))
        if (key === 'y' || (key === 'z' && event.shiftKey)) act(event, () => step('redo'))
      }
      if (event.altKey && !event.ctrlKey) {
        if (event.code === 'KeyL') act(event, () => toggle('lensOpen'))
        if (event.code === 'KeyC') act(event, () => toggle('contentsOpen'))
        if (event.code === 'KeyS') act(event, () => document.getElementById('scratch-line')?.focus())
        if (event.code === 'KeyW') {
          act(event, () => useWorksheetStore.setState((state) => ({ step: state.step + 1 })))
        }
      }
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [step, toggle])
}

function act(event: KeyboardEvent, does: () => void) {
  event.preventDefault()
  does()
}
