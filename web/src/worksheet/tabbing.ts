import type { At } from '../sheet/address'
import { useWorksheetStore } from './store'

/** Notes that Tab has led from one cell to the next: Enter then goes to the column where the row began. */
export function tabbed(grid: string, from: At, to: At): void {
  const start = startOf(grid, from) ?? from.column
  useWorksheetStore.setState({ tabs: to.row === from.row ? { grid, start, at: to } : null })
}

/** The column where the row began that Tab has gone along to this cell; nothing where it has not. */
export function startOf(grid: string, at: At): number | null {
  const { tabs } = useWorksheetStore.getState()
  return tabs?.grid === grid && tabs.at.row === at.row && tabs.at.column === at.column ? tabs.start : null
}
