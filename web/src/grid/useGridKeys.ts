import type { KeyboardEvent } from 'react'
import type { Cell, Grid } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { addressOf, addressesIn, areaBetween, type At } from './address'

const PAGE = 12

/** Where a key moves to; nothing where it does not move. One row or column past the edge can be reached, to type there. */
function moved(key: string, at: At, grid: Grid, ctrl: boolean): At | null {
  const { column, row } = at
  const to = (c: number, r: number): At => ({
    column: Math.max(0, Math.min(grid.columns, c)),
    row: Math.max(0, Math.min(grid.rows, r)),
  })
  switch (key) {
    case 'ArrowUp':
      return to(column, ctrl ? 0 : row - 1)
    case 'ArrowDown':
      return to(column, ctrl ? grid.rows - 1 : row + 1)
    case 'ArrowLeft':
      return to(ctrl ? 0 : column - 1, row)
    case 'ArrowRight':
      return to(ctrl ? grid.columns - 1 : column + 1, row)
    case 'PageUp':
      return to(column, row - PAGE)
    case 'PageDown':
      return to(column, Math.min(grid.rows - 1, row + PAGE))
    case 'Home':
      return to(0, ctrl ? 0 : row)
    case 'End':
      return to(grid.columns - 1, ctrl ? grid.rows - 1 : row)
    default:
      return null
  }
}

/** The keys of a grid: moving, extending the selection, opening the composer, clearing. */
export function useGridKeys(grid: Grid, cells: ReadonlyMap<string, Cell>) {
  const { keep } = useOpenWorksheet()
  const { select, compose } = useWorksheetStore.getState()

  return (event: KeyboardEvent) => {
    const { selection } = useWorksheetStore.getState()
    if (selection.kind !== 'cells' || selection.grid !== grid.id || event.altKey) return
    const { anchor, focus } = selection
    const ctrl = event.ctrlKey || event.metaKey
    const target = moved(event.key, focus, grid, ctrl)
    if (target) {
      event.preventDefault()
      select({ kind: 'cells', grid: grid.id, anchor: event.shiftKey ? anchor : target, focus: target })
    } else if (event.key === 'Enter' || event.key === 'F2') {
      event.preventDefault()
      const entry = cells.get(addressOf(focus))?.entry ?? ''
      compose({ grid: grid.id, at: focus, draft: entry, cursor: entry.length, kept: entry })
    } else if (event.key === 'Escape') {
      select({ kind: 'cells', grid: grid.id, anchor: focus, focus })
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault()
      const filled = addressesIn(areaBetween(anchor, focus)).filter((address) => cells.has(address))
      if (filled.length > 0) {
        const edit = { do: 'enter', grid: grid.id, cells: filled.map((cell) => ({ cell, text: '' })) } as const
        void keep([edit]).catch(() => undefined)
      }
    } else if (event.key.length === 1 && !ctrl) {
      event.preventDefault()
      const kept = cells.get(addressOf(focus))?.entry ?? ''
      compose({ grid: grid.id, at: focus, draft: event.key, cursor: 1, kept })
    }
  }
}
