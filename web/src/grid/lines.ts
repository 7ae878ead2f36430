import type { Grid } from '../api/types'

/** The rows or columns that are shown, and where each of them stands among these. */
export interface Lines {
  readonly count: number
  /** Which line stands at a place, from 0. */
  readonly lineAt: (place: number) => number
  /** The place of a line; of a hidden one, that of the next line that is shown. */
  readonly placeOf: (line: number) => number
  readonly isHidden: (line: number) => boolean
}

/** The lines of a grid without its hidden ones. */
export function shownLines(count: number, hidden: readonly number[]): Lines {
  const out = new Set(hidden.filter((line) => line < count))
  if (out.size === 0) return { count, lineAt: (place) => place, placeOf: (line) => line, isHidden: () => false }
  const shown = Array.from({ length: count }, (_, line) => line).filter((line) => !out.has(line))
  const places = new Map(shown.map((line, place) => [line, place]))
  return {
    count: shown.length,
    lineAt: (place) => shown[place] ?? count,
    placeOf: (line) => places.get(line) ?? shown.filter((each) => each < line).length,
    isHidden: (line) => out.has(line),
  }
}

/** The rows of a grid, with one past its edge where the selection is there. */
export const shownRows = (grid: Grid, rows: number): Lines => shownLines(rows, grid.hiddenRows)
