import type { KeyboardEvent } from 'react'
import type { Cell, Edit, Grid } from '../api/types'
import { selectAfter } from '../commands/selected'
import { useOpenWorksheet, type OpenWorksheet } from '../worksheet/context'
import { useNotices, type Notices } from '../worksheet/useNotices'
import { moveUnlessRefused } from './overwriting'
import { useWorksheetStore, type Carrying } from '../worksheet/store'
import { addressOf, areaText, type At } from '../sheet/address'
import { tabbed } from '../worksheet/tabbing'
import { movedTo } from './geometry'
import type { Lines } from './lines'

const PAGE = 12

/** How large a grid is, with what was just typed into it. */
function edgeOf(grid: Grid): { readonly rows: number; readonly columns: number } {
  const { typed } = useWorksheetStore.getState()
  const own = typed?.grid === grid.id ? typed.at : null
  return { rows: Math.max(grid.rows, (own?.row ?? -1) + 1), columns: Math.max(grid.columns, (own?.column ?? -1) + 1) }
}

/** Where a key moves to; nothing where it does not move. One row or column past the edge can be reached, to type there. */
function moved(key: string, at: At, grid: Grid, rows: Lines, ctrl: boolean): At | null {
  const { column, row } = at
  const edge = edgeOf(grid)
  const isHidden = (c: number) => grid.hiddenColumns.includes(c)
  const sideways = (by: 1 | -1): number => {
    let next = column + by
    while (isHidden(next)) next += by
    return next < 0 ? column : Math.min(edge.columns, next)
  }
  const down = (by: number): number => {
    const place = Math.max(0, rows.placeOf(row) + by)
    return place >= rows.count ? Math.min(edge.rows, row + 1) : rows.lineAt(place)
  }
  switch (key) {
    case 'ArrowUp':
      return { column, row: ctrl ? 0 : down(-1) }
    case 'ArrowDown':
      return { column, row: ctrl ? grid.rows - 1 : down(1) }
    case 'ArrowLeft':
      return { column: ctrl ? 0 : sideways(-1), row }
    case 'ArrowRight':
      return { column: ctrl ? grid.columns - 1 : sideways(1), row }
    case 'PageUp':
      return { column, row: down(-PAGE) }
    case 'PageDown':
      return { column, row: Math.min(grid.rows - 1, down(PAGE)) }
    case 'Home':
      return { column: 0, row: ctrl ? 0 : row }
    case 'End':
      return { column: grid.columns - 1, row: ctrl ? grid.rows - 1 : row }
    default:
      return null
  }
}

/** Where Tab goes: along the row, on to the next one, and past the last cell out of the grid. */
function tabTarget({ column, row }: At, grid: Grid, rows: Lines, back: boolean): At | null {
  const columns = Array.from({ length: Math.max(grid.columns, column + 1) }, (_, index) => index).filter(
    (each) => !grid.hiddenColumns.includes(each),
  )
  const place = columns.indexOf(column) + (back ? -1 : 1)
  const beside = columns[place]
  if (beside !== undefined) return { column: beside, row }
  const line = rows.placeOf(row) + (back ? -1 : 1)
  const edge = back ? columns.at(-1) : columns[0]
  return line < 0 || line >= rows.count || edge === undefined ? null : { column: edge, row: rows.lineAt(line) }
}

/** The place that an arrow key carries cells to; lines move along their axis only. */
function carriedTo(key: string, { to, lines }: Carrying): At {
  const by = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] }[key] ?? [0, 0]
  return {
    column: Math.max(0, to.column + (lines === 'rows' ? 0 : (by[0] ?? 0))),
    row: Math.max(0, to.row + (lines === 'columns' ? 0 : (by[1] ?? 0))),
  }
}

/** Puts carried cells down where they are, as one edit. */
export function putDown(open: OpenWorksheet, notices: Notices, toGrid = ''): void {
  const { carrying } = useWorksheetStore.getState()
  useWorksheetStore.setState({ carrying: null })
  if (!carrying) return
  const { grid, from, to, lines } = carrying
  const target = toGrid === '' ? grid : toGrid
  const stays = to.column === from.first.column && to.row === from.first.row && target === grid
  if (stays) return
  const axis = lines === 'rows' ? 'ROWS' : 'COLUMNS'
  const first = lines === 'rows' ? from.first.row : from.first.column
  const count = (lines === 'rows' ? from.last.row : from.last.column) - first + 1
  const place = lines === 'rows' ? to.row : to.column
  const send = (edit: Edit) => selectAfter(open.keep([edit]), target, () => movedTo(from, to))
  if (lines === 'cells' || target !== grid) {
    void moveUnlessRefused(open, notices, { grid, from, toGrid: target, to }, () =>
      send({ do: 'moveCells', grid, area: areaText(from), toGrid: target, to: addressOf(to) }),
    )
  } else send({ do: 'moveLines', grid, axis, at: first, count, to: place > first ? place + count : place })
}

/** The keys of a grid: moving, extending the selection, opening the composer, carrying. Commands have keys of their own. */
export function useGridKeys(grid: Grid, rows: Lines, cells: ReadonlyMap<string, Cell>) {
  const open = useOpenWorksheet()
  const notices = useNotices()
  const { select, compose } = useWorksheetStore.getState()

  const carry = (event: KeyboardEvent, carrying: Carrying) => {
    event.preventDefault()
    event.stopPropagation()
    if (event.key === 'Enter') putDown(open, notices)
    else if (event.key === 'Escape') useWorksheetStore.setState({ carrying: null })
    else useWorksheetStore.setState({ carrying: { ...carrying, to: carriedTo(event.key, carrying) } })
  }

  return (event: KeyboardEvent) => {
    const { selection, carrying } = useWorksheetStore.getState()
    if (carrying) return carry(event, carrying)
    if (selection.kind !== 'cells' || selection.grid !== grid.id || event.altKey) return
    const { anchor, focus } = selection
    const ctrl = event.ctrlKey || event.metaKey
    const next = event.key === 'Tab' && !ctrl ? tabTarget(focus, grid, rows, event.shiftKey) : null
    const target = moved(event.key, focus, grid, rows, ctrl)
    if (next) {
      event.preventDefault()
      tabbed(grid.id, focus, next)
      select({ kind: 'cells', grid: grid.id, anchor: next, focus: next })
    } else if (target) {
      event.preventDefault()
      select({ kind: 'cells', grid: grid.id, anchor: event.shiftKey ? anchor : target, focus: target })
    } else if (event.key === ' ' && (event.shiftKey || ctrl)) {
      event.preventDefault()
      const last = { column: grid.columns - 1, row: grid.rows - 1 }
      const whole = event.shiftKey
        ? { anchor: { column: last.column, row: anchor.row }, focus: { column: 0, row: focus.row } }
        : { anchor: { column: anchor.column, row: last.row }, focus: { column: focus.column, row: 0 } }
      select({ kind: 'cells', grid: grid.id, ...whole })
    } else if (ctrl && event.key.toLowerCase() === 'a') {
      event.preventDefault()
      const last = { column: grid.columns - 1, row: grid.rows - 1 }
      select({ kind: 'cells', grid: grid.id, anchor: last, focus: { column: 0, row: 0 } })
    } else if (event.key === 'Escape') {
      useWorksheetStore.setState({ clip: null })
      select({ kind: 'cells', grid: grid.id, anchor: focus, focus })
    } else if (open.at !== null) {
      return
    } else if (event.key === 'Enter' || event.key === 'F2') {
      event.preventDefault()
      const entry = cells.get(addressOf(focus))?.entry ?? ''
      compose({ grid: grid.id, at: focus, draft: entry, cursor: entry.length, kept: entry })
    } else if (event.key.length === 1 && !ctrl) {
      event.preventDefault()
      const kept = cells.get(addressOf(focus))?.entry ?? ''
      compose({ grid: grid.id, at: focus, draft: event.key, cursor: 1, kept })
    }
  }
}
