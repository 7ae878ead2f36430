import { useCell, usePreview } from '../api/queries'
import { useWorksheetStore } from '../worksheet/store'
import { addressOf, areaOf, type Area } from '../sheet/address'

/** Cells that the entry being written, or the selected formula, refers to. */
export interface Highlight {
  readonly grid: string
  readonly area: Area
  readonly colour: number
  /** Whether it is in the way of a table, and not referred to. */
  readonly isInTheWay?: boolean
}

const HUES = 8

/** The highlights of the page; asks nothing that composer and lens do not ask anyway. */
export function useHighlights(id: string, at: number | null): readonly Highlight[] {
  const composing = useWorksheetStore((state) => state.composing)
  const selection = useWorksheetStore((state) => state.selection)
  const selected = selection.kind === 'cells' ? { grid: selection.grid, address: addressOf(selection.focus) } : null
  const preview = usePreview(id, {
    grid: composing?.grid ?? '',
    address: composing ? addressOf(composing.at) : 'A1',
    entry: composing?.draft ?? '',
    cursor: composing?.cursor ?? 0,
  })
  const cell = useCell(id, at, selected?.grid ?? '', selected?.address ?? 'A1', selected !== null && composing === null)

  if (composing) {
    return (preview.data?.references ?? []).map((reference) => ({
      grid: reference.grid,
      area: areaOf(reference.area),
      colour: reference.colour % HUES,
    }))
  }
  if (!selected || cell.isPlaceholderData) return []
  const taken = cell.data?.inTheWay
  const inTheWay = taken ? [{ grid: taken.grid, area: areaOf(taken.area), colour: 0, isInTheWay: true }] : []
  const fedBy = (cell.data?.fedBy ?? []).map((place, index) => ({
    grid: place.grid,
    area: areaOf(place.area),
    colour: index % HUES,
  }))
  return [...fedBy, ...inTheWay]
}
