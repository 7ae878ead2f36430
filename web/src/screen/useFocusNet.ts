import { useEffect } from 'react'
import { returnFocus } from '../worksheet/usePanel'

/** So long the page is given to put the keyboard somewhere by itself. */
const MILLIS = 60

/** Where the element that had the keyboard goes away, it comes back to the selected cells or the entry that is written. */
export function useFocusNet() {
  useEffect(() => {
    let timer = 0
    const lost = () => {
      clearTimeout(timer)
      timer = window.setTimeout(() => {
        if (document.hasFocus() && document.activeElement === document.body) returnFocus()
      }, MILLIS)
    }
    document.addEventListener('focusout', lost)
    return () => {
      clearTimeout(timer)
      document.removeEventListener('focusout', lost)
    }
  }, [])
}
