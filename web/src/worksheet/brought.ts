import { useEffect } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { useWorksheetStore, type Brought } from './store'

/** What another page says of a worksheet that it has just brought in. */
interface Told {
  readonly brought: Brought
}

/** Whether somebody who has brought a document in is to hear more than that it is here. */
export const isWorthTelling = ({ told, compared }: Brought): boolean =>
  told.length > 0 || (compared !== null && compared.formulas > 0)

/** What goes with the way to the new worksheet, so that it is told there. */
export const toTell = (brought: Brought): Told | null => (isWorthTelling(brought) ? { brought } : null)

const isTold = (state: unknown): state is Told => typeof state === 'object' && state !== null && 'brought' in state

/** Tells once what the page that has made this worksheet says of the document that it comes from. */
export function useBrought() {
  const { state, pathname } = useLocation()
  const navigate = useNavigate()
  useEffect(() => {
    if (!isTold(state)) return
    useWorksheetStore.getState().show({ kind: 'brought', brought: state.brought })
    void navigate(pathname, { replace: true, state: null })
  }, [state, pathname, navigate])
}
