import { useContext } from 'react'
import { useSearchParams } from 'react-router'
import { createContext } from 'react'
import type { Kept } from '../api/types'

/** Makes the worksheet as it was at a revision. */
export const RestoreContext = createContext<(revision: number) => Promise<Kept>>(() =>
  Promise.reject(new Error('useLookBack needs a worksheet page around it')),
)

/** Looking at an earlier state; which one is in the address of the page, so that Back leads out of it. */
export function useLookBack() {
  const [, setParams] = useSearchParams()
  const bringBack = useContext(RestoreContext)
  return {
    lookBack: (revision: number) => setParams({ at: String(revision) }),
    returnToNow: () => setParams({}),
    restore: (revision: number) =>
      bringBack(revision).then((kept) => {
        setParams({})
        return kept
      }),
  }
}
