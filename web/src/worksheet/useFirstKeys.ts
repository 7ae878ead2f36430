import { useEffect } from 'react'
import { useLocation } from 'react-router'
import type { Grid } from '../api/types'
import { focusScratch } from './focusScratch'
import { useWorksheetStore } from './store'

/** What the start page says of a worksheet that it has just made. */
export interface Arrival {
  readonly isNew: boolean
}

const TOP = { column: 0, row: 0 }

/**
 * So that nothing typed is lost before anything is selected: a new worksheet opens with its first cell selected, and in
 * all others what is typed goes to the scratch line. The keys that scroll the page are left to the browser.
 */
export function useFirstKeys(grids: readonly Pick<Grid, 'id'>[]) {
  const arrival: unknown = useLocation().state
  const first = grids[0]?.id
  const isNew = typeof arrival === 'object' && arrival !== null && 'isNew' in arrival && arrival.isNew === true
  useEffect(() => {
    const { selection, select } = useWorksheetStore.getState()
    if (isNew && first !== undefined && selection.kind === 'none') {
      select({ kind: 'cells', grid: first, anchor: TOP, focus: TOP })
    }
  }, [isNew, first])
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const types = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.altKey && !event.metaKey
      const isFree = document.activeElement === document.body && useWorksheetStore.getState().selection.kind === 'none'
      // The key itself then goes into the line.
      if (types && isFree && !event.defaultPrevented) focusScratch()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
}
