import { useEffect } from 'react'

const hasFile = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true

/** Takes a file that is dropped anywhere on the page; without this the browser would leave the page to show it. */
export function useDroppedFile(onFile: (file: File) => void) {
  useEffect(() => {
    const over = (event: DragEvent) => {
      if (hasFile(event)) event.preventDefault()
    }
    const drop = (event: DragEvent) => {
      if (!hasFile(event)) return
      event.preventDefault()
      const file = event.dataTransfer?.files[0]
      if (file) onFile(file)
    }
    addEventListener('dragover', over)
    addEventListener('drop', drop)
    return () => {
      removeEventListener('dragover', over)
      removeEventListener('drop', drop)
    }
  }, [onFile])
}
