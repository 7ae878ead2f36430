import type { Cell, Grid } from '../api/types'
import { cutUnit } from '../sheet/quantity'
import { isNumber } from '../typeset/whole'

const DIGIT = 8.2
const LETTER = 7.6
const ROOM = 38
const LEAST = 72
const MOST = 300

/** How wide a column is drawn, in pixels: as it was set, or wide enough for what it shows. */
export function columnWidths(grid: Grid, columns: number, cells: ReadonlyMap<string, Cell>): number[] {
  const widths = Array.from({ length: columns }, () => LEAST)
  const decimals = columnDecimals(columns, cells)
  for (const cell of cells.values()) {
    const wanted = isNumber(cell)
      ? numberLength(cell, decimals[cell.column] ?? '') * DIGIT + ROOM
      : cell.display.length * LETTER + ROOM
    if (cell.column < columns) widths[cell.column] = Math.min(MOST, Math.max(widths[cell.column] ?? LEAST, wanted))
  }
  return widths.map((width, column) => grid.widths[column] ?? Math.round(width))
}

/** A power of ten is written with a few more characters than it is kept with. */
const POWER = 3

/** How many characters a number takes: with room for the decimals of its column, where it is aligned by them. */
function numberLength(cell: Cell, decimals: string): number {
  const [number] = cutUnit(cell.display, cell.unit)
  const behind = decimalsOf(number)
  const free = behind === null ? 0 : Math.max(0, decimals.length - behind.length)
  return cell.display.length + free + (/\de/.test(number) ? POWER : 0)
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
