import type { PointerEvent } from 'react'
import type { Grid } from '../api/types'
import { areaBetween, type Area, type At } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'
import { cellUnder, numberAt } from './under'

export const LEAST_WIDTH = 40

/** What a drag that has begun does. */
export type Drag =
  | { readonly does: 'select'; readonly from: At }
  | { readonly does: 'point'; readonly from: At }
  | { readonly does: 'lines'; readonly axis: 'rows' | 'columns'; readonly from: number }
  | { readonly does: 'continue'; readonly from: Area }
  | { readonly does: 'carry'; readonly held: At }
  | { readonly does: 'resize'; readonly column: number; readonly x: number; readonly width: number }

/** Selects whole rows or columns from one to another. */
export function selectLines(grid: Grid, axis: 'rows' | 'columns', one: number, other: number): void {
  const rows = axis === 'rows'
  useWorksheetStore.getState().select({
    kind: 'cells',
    grid: grid.id,
    anchor: rows ? { column: grid.columns - 1, row: one } : { column: one, row: grid.rows - 1 },
    focus: rows ? { column: 0, row: other } : { column: other, row: 0 },
  })
}

/** The drag that a press in a grid begins; nothing where it begins none. */
export function begunDrag(event: PointerEvent, grid: Grid, widths: readonly number[], canChange: boolean): Drag | null {
  const { writer, selection, select } = useWorksheetStore.getState()
  const own = selection.kind === 'cells' && selection.grid === grid.id ? selection : null
  const area = own && areaBetween(own.anchor, own.focus)
  const target = event.target instanceof Element ? event.target : null
  const under = cellUnder(event)
  const resize = numberAt(event, 'resize')
  if (resize !== null && canChange) {
    return { does: 'resize', column: resize, x: event.clientX, width: widths[resize] ?? LEAST_WIDTH }
  }
  if (area && canChange && target?.closest('[data-grip]')) return { does: 'continue', from: area }
  if (area && canChange && target?.closest('[data-edge]')) {
    useWorksheetStore.setState({ carrying: { grid: grid.id, from: area, to: area.first, lines: 'cells' } })
    return { does: 'carry', held: under?.at ?? area.first }
  }
  const line = begunOnLine(event, grid, area, own?.anchor ?? null, canChange)
  if (line) return line
  if (!under || under.grid !== grid.id || !target?.closest('[data-cell]')) return null
  const { at } = under
  if (writer?.point(grid.id, areaBetween(at, at))) {
    event.preventDefault()
    return { does: 'point', from: at }
  }
  writer?.finish()
  const extended = event.shiftKey && own
  select({ kind: 'cells', grid: grid.id, anchor: extended ? own.anchor : at, focus: at })
  return { does: 'select', from: extended ? own.anchor : at }
}

/** By a number or letter: selected lines are carried, others are selected. */
function begunOnLine(
  event: PointerEvent,
  grid: Grid,
  area: Area | null,
  anchor: At | null,
  canChange: boolean,
): Drag | null {
  const row = numberAt(event, 'row')
  const column = numberAt(event, 'column')
  const line = row ?? column
  if (line === null) return null
  useWorksheetStore.getState().writer?.finish()
  const axis = row === null ? 'columns' : 'rows'
  const isHeld =
    area !== null &&
    canChange &&
    (row === null
      ? area.first.row === 0 && area.last.row >= grid.rows - 1 && line >= area.first.column && line <= area.last.column
      : area.first.column === 0 &&
        area.last.column >= grid.columns - 1 &&
        line >= area.first.row &&
        line <= area.last.row)
  if (isHeld && area && !event.shiftKey) {
    useWorksheetStore.setState({ carrying: { grid: grid.id, from: area, to: area.first, lines: axis } })
    return { does: 'carry', held: row === null ? { column: line, row: 0 } : { column: 0, row: line } }
  }
  const from = event.shiftKey && anchor ? (row === null ? anchor.column : anchor.row) : line
  selectLines(grid, axis, from, line)
  return { does: 'lines', axis, from }
}

/** The selection and the cells that a grip dragged to a cell would fill: down or to the right, whichever is farther. */
export function filledTo(from: Area, at: At): Area {
  const down = at.row - from.last.row
  const right = at.column - from.last.column
  if (down <= 0 && right <= 0) return from
  return down >= right
    ? { first: from.first, last: { column: from.last.column, row: at.row } }
    : { first: from.first, last: { column: at.column, row: from.last.row } }
}
