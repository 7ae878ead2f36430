import type { Cell } from '../api/types'
import { atOf } from '../sheet/address'

/** What a column holds: each value once, as it is shown, with the rows that show it so. */
export interface Held {
  readonly text: string
  readonly rows: readonly number[]
}

/** The different values of cells, in the order in which they first stand there. */
export function heldIn(cells: readonly Pick<Cell, 'address' | 'display' | 'kind'>[]): readonly Held[] {
  const byText = new Map<string, Held>()
  for (const { address, display, kind } of cells) {
    if (kind === 'empty' || kind === 'error') continue
    const before = byText.get(display)
    byText.set(display, { text: display, rows: [...(before?.rows ?? []), atOf(address).row] })
  }
  return [...byText.values()]
}
