import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, isUnanswered, RETRY_MILLIS } from '../api/client'
import { keys } from '../api/keys'
import { useTapeLines } from '../api/queries'
import type { TapeLine } from '../api/types'
import { useNotices } from '../worksheet/useNotices'

/** The tape of a worksheet, the oldest line first; it is kept with the worksheet. */
export function useTape(worksheet: string) {
  const client = useQueryClient()
  const notices = useNotices()
  const { data: lines = [] } = useTapeLines(worksheet)
  const write = (next: (old: readonly TapeLine[]) => readonly TapeLine[]) =>
    client.setQueryData<readonly TapeLine[]>(keys.tape(worksheet), (old) => next(old ?? []))
  const keep = useMutation({
    mutationFn: ({ line, key }: { readonly line: Omit<TapeLine, 'line' | 'at'>; readonly key: string }) =>
      api.keepLine(worksheet, line, key),
    retry: (_, reason) => isUnanswered(reason),
    retryDelay: RETRY_MILLIS,
    onSuccess: (kept) => write((old) => [...old, kept]),
    onError: (reason) => notices.warn(reason.message),
  })
  const clear = useMutation({
    mutationFn: () => api.clearTape(worksheet),
    onSuccess: () => write(() => []),
    onError: (reason) => notices.warn(reason.message),
  })
  return {
    lines,
    /** The line as it is kept; null where it is not, and then the reason has been told. */
    add: (line: Omit<TapeLine, 'line' | 'at'>) =>
      keep.mutateAsync({ line, key: crypto.randomUUID() }).catch(() => null),
    clear: () => clear.mutate(),
  }
}
