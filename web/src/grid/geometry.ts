import type { Area, At } from '../sheet/address'
import type { Lines } from './lines'

/** Height of a row and width of the row numbers, in pixels. */
export const ROW_HEIGHT = 30
export const ROW_HEAD = 36

/** Height of the letters over the columns. */
export const LETTERS_HEIGHT = 21

/** Where the cells of a grid are drawn. */
export interface Geometry {
  /** Of each column, 0 for a hidden one. */
  readonly widths: readonly number[]
  readonly rows: Lines
  /** How many of the shown rows are headings, which stay in view. */
  readonly headings: number
}

/** A rectangle in pixels, inside the part of the grid that its rows are drawn in. */
export interface Box {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/** The box of an area in the headings or in the body; null where nothing of it lies there. */
export function boxOf(area: Area, { widths, rows, headings }: Geometry, part: 'headings' | 'body'): Box | null {
  const before = (end: number) => widths.slice(0, end).reduce((sum, width) => sum + width, ROW_HEAD)
  const from = part === 'headings' ? 0 : headings
  const until = part === 'headings' ? headings : rows.count
  const top = Math.max(rows.placeOf(area.first.row), from)
  const end = Math.min(rows.placeOf(area.last.row) + (rows.isHidden(area.last.row) ? 0 : 1), until)
  const left = before(area.first.column)
  const right = before(Math.min(area.last.column + 1, widths.length))
  return end > top && right > left
    ? { left, top: (top - from) * ROW_HEIGHT, width: right - left, height: (end - top) * ROW_HEIGHT }
    : null
}

/** An area with its upper left cell moved somewhere else. */
export const movedTo = ({ first, last }: Area, to: At): Area => ({
  first: to,
  last: { column: to.column + last.column - first.column, row: to.row + last.row - first.row },
})
