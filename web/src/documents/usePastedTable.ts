import { useEffect } from 'react'

/** Takes a table that is pasted while this is on the page, as a file of values, so that it is shown how it comes in. */
export function usePastedTable(onFile: (file: File) => void) {
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const [file] = event.clipboardData?.files ?? []
      const text = event.clipboardData?.getData('text/plain') ?? ''
      if (!file && text.trim() === '') return
      event.preventDefault()
      onFile(file ?? new File([text], 'Pasted.txt', { type: 'text/plain' }))
    }
    document.addEventListener('paste', paste)
    return () => document.removeEventListener('paste', paste)
  }, [onFile])
}
