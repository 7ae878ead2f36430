import type { InColumn } from '../api/inColumn'

/** What a column holds: each value once, as it is shown, with the rows that show it so. */
export interface Held {
  readonly text: string
  readonly rows: readonly number[]
}

/** The different values below the headings, in the order in which they first stand there. */
export function heldIn(cells: readonly InColumn[], headings: number): readonly Held[] {
  const byText = new Map<string, Held>()
  for (const { row, cell } of cells) {
    if (row < headings || cell.kind === 'empty' || cell.kind === 'error') continue
    const before = byText.get(cell.display)
    byText.set(cell.display, { text: cell.display, rows: [...(before?.rows ?? []), row] })
  }
  return [...byText.values()]
}
