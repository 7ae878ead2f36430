import { useCallback, useState } from 'react'
import { useParams } from 'react-router'
import { drafts } from './drafts'

/**
 * A text that may be written on: null where nobody does. What an earlier page left over is there again. `leave` closes
 * it and keeps the text for later, `forget` throws it away.
 *
 * @param where its place; with none the text does not outlive the page
 */
export function useDraft(where: string) {
  const { id = '' } = useParams()
  const left = useCallback(() => (where === '' ? null : drafts.read(id, where)), [id, where])
  const [text, setText] = useState<string | null>(left)
  const write = useCallback(
    (next: string) => {
      setText(next)
      if (where !== '') drafts.write(id, where, next)
    },
    [id, where],
  )
  const leave = useCallback(() => setText(null), [])
  const forget = useCallback(() => {
    setText(null)
    if (where !== '') drafts.forget(id, where)
  }, [id, where])
  return { text, write, leave, forget, left }
}
