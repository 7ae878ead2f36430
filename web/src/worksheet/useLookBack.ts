import { useContext } from 'react'
import { useSearchParams } from 'react-router'
import { createContext } from 'react'
import type { Kept } from '../api/types'

/** Makes the worksheet, or only the look of a chart, as it was at a revision. */
export const RestoreContext = createContext<(revision: number, chart?: string) => Promise<Kept>>(() =>
  Promise.reject(new Error('useLookBack needs a worksheet page around it')),
)

/** Looking at an earlier state; which one is in the address of the page, so that Back leads out of it. */
export function useLookBack() {
  const [, setParams] = useSearchParams()
  const bringBack = useContext(RestoreContext)
  return {
    lookBack: (revision: number) => setParams({ at: String(revision) }),
    returnToNow: () => setParams({}),
    lookAgain: (chart: string, revision: number) => bringBack(revision, chart),
    restore: (revision: number) =>
      bringBack(revision).then((kept) => {
        setParams({})
        return kept
      }),
  }
}
