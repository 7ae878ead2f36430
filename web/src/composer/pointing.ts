import type { Grid } from '../api/types'
import { areaText, quotedTitle, type Area } from '../sheet/address'

/** A reference that was put in by pointing, and the text as it was then. */
export interface Pointed {
  readonly from: number
  readonly to: number
  readonly text: string
}

const OPENS = /(?:^\s*(?:\p{L}[\p{L}\p{M}\d_]*\s*)?=|[-+−*×·/÷^<>≤≥≠&(,;:{√]|\b(?:mod|div))\s*$/u

/**
 * Where a pointed reference goes: in the place of the one pointed last, or at the cursor behind a sign that wants a value.
 * Nothing where no reference can stand, so that a click selects as usual.
 */
export function whereToPoint(text: string, cursor: number, last: Pointed | null): { from: number; to: number } | null {
  if (last && last.text === text && cursor === last.to) return { from: last.from, to: last.to }
  const isFormula = /^\s*(?:\p{L}[\p{L}\p{M}\d_]*\s*)?=/u.test(text)
  return isFormula && OPENS.test(text.slice(0, cursor)) ? { from: cursor, to: cursor } : null
}

/** The reference to cells of a grid, as a formula in another grid or the same one writes it. */
export function referenceText(grid: string, own: string, area: Area, grids: readonly Grid[]): string {
  const title = grids.find((each) => each.id === grid)?.title ?? ''
  return grid === own ? areaText(area) : `${quotedTitle(title)}.${areaText(area)}`
}
