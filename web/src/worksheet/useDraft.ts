import { useCallback, useRef, useState } from 'react'
import { useParams } from 'react-router'
import { drafts } from './drafts'

/**
 * A text that may be written on: null where nobody does. What an earlier page left over is there again. `leave` closes
 * it and keeps the text for later, `forget` throws it away. A text that was sent is `kept` or `refused` when the answer
 * comes; what has been written since then stays as it is.
 *
 * @param where its place; with none the text does not outlive the page
 */
export function useDraft(where: string) {
  const { id = '' } = useParams()
  const left = useCallback(() => (where === '' ? null : drafts.read(id, where)), [id, where])
  const [text, setText] = useState<string | null>(left)
  const now = useRef(text)
  const show = useCallback((next: string | null) => {
    now.current = next
    setText(next)
  }, [])
  const write = useCallback(
    (next: string) => {
      show(next)
      if (where !== '') drafts.write(id, where, next)
    },
    [show, id, where],
  )
  const leave = useCallback(() => show(null), [show])
  const forget = useCallback(() => {
    show(null)
    if (where !== '') drafts.forget(id, where)
  }, [show, id, where])
  const kept = useCallback(
    (sent: string) => {
      if (now.current === null && where !== '' && drafts.read(id, where) === sent) drafts.forget(id, where)
    },
    [id, where],
  )
  const refused = useCallback(
    (sent: string) => {
      if (now.current === null) write(sent)
    },
    [write],
  )
  return { text, write, leave, forget, left, kept, refused }
}
