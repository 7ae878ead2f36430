import type { Grid } from '../api/types'
import { areaBetween, type Area, type At } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'

/** The selected cells, with their grid. */
export interface Selected {
  readonly grid: Grid
  readonly area: Area
  readonly focus: At
}

/** The selected cells as they are now; null where something else is selected. */
export function selectedCells(grids: readonly Grid[]): Selected | null {
  const { selection } = useWorksheetStore.getState()
  if (selection.kind !== 'cells') return null
  const grid = grids.find((each) => each.id === selection.grid)
  return grid ? { grid, area: areaBetween(selection.anchor, selection.focus), focus: selection.focus } : null
}

/** Whether whole rows are selected, whole columns, or cells. */
export function linesOf({ grid, area }: Selected): 'cells' | 'rows' | 'columns' {
  if (area.first.column === 0 && area.last.column >= grid.columns - 1 && grid.columns > 1) return 'rows'
  return area.first.row === 0 && area.last.row >= grid.rows - 1 && grid.rows > 1 ? 'columns' : 'cells'
}

/** Selects an area and brings it into view. */
export function goTo(grid: string, area: Area): void {
  document.getElementById(`block-${grid}`)?.scrollIntoView({ block: 'nearest' })
  useWorksheetStore.getState().select({ kind: 'cells', grid, anchor: area.last, focus: area.first })
}

/**
 * Selects cells once a change is kept, unless something else was selected meanwhile. A refused change has been told
 * already.
 */
export function selectAfter<T>(change: Promise<T>, grid: string, areaOf: (kept: T) => Area): void {
  const before = useWorksheetStore.getState().selection
  change.then(
    (kept) => {
      const { selection, select } = useWorksheetStore.getState()
      const { first, last } = areaOf(kept)
      if (selection === before) select({ kind: 'cells', grid, anchor: last, focus: first })
    },
    () => undefined,
  )
}
