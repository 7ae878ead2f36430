import type { Cell, Grid } from '../api/types'
import { cutUnit } from '../sheet/quantity'

const isNumber = (cell: Cell) => cell.kind === 'number' || cell.kind === 'quantity'

const DIGIT = 8.2
const LETTER = 7.6
const ROOM = 38
const LEAST = 72
const MOST = 300

/** How wide a column is drawn, in pixels: as it was set, or wide enough for what it shows. */
export function columnWidths(grid: Grid, columns: number, cells: ReadonlyMap<string, Cell>): number[] {
  const widths = Array.from({ length: columns }, () => LEAST)
  for (const cell of cells.values()) {
    const wanted = cell.display.length * (isNumber(cell) ? DIGIT : LETTER) + ROOM
    if (cell.column < columns) widths[cell.column] = Math.min(MOST, Math.max(widths[cell.column] ?? LEAST, wanted))
  }
  return widths.map((width, column) => grid.widths[column] ?? Math.round(width))
}

const DECIMAL = /^(?:≈ )?[-−]?\d[\d ]*(?:([.,]\d+))?( %)?$/

/** The characters behind the decimal mark, mark included, for each number of a column that they are aligned by. */
export const decimalsOf = (display: string): string | null => {
  const match = DECIMAL.exec(display)
  return match ? (match[1] ?? '') : null
}

/** For each column the longest part behind the decimal mark; shorter ones leave its room free. */
export function columnDecimals(columns: number, cells: ReadonlyMap<string, Cell>): string[] {
  const longest = Array.from({ length: columns }, () => '')
  for (const cell of cells.values()) {
    const decimals = isNumber(cell) ? decimalsOf(cutUnit(cell.display, cell.unit)[0]) : null
    if (decimals !== null && decimals.length > (longest[cell.column]?.length ?? 0)) longest[cell.column] = decimals
  }
  return longest
}
