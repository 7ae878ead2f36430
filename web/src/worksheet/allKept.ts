import type { QueryClient } from '@tanstack/react-query'
import { keys } from '../api/keys'

/** Resolves when no change of a worksheet is on its way any more: what is asked then is answered with all of them. */
export function allKept(client: QueryClient, id: string): Promise<void> {
  const isKept = () => client.isMutating({ mutationKey: keys.keeping(id) }) === 0
  if (isKept()) return Promise.resolve()
  return new Promise((resolve) => {
    const stop = client.getMutationCache().subscribe(() => {
      if (!isKept()) return
      stop()
      resolve()
    })
  })
}
