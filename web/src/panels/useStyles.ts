import type { Grid } from '../api/types'
import { addressesIn, lettersOf } from '../sheet/address'
import { linesOf, type Selected } from '../commands/selected'
import { useOpenWorksheet } from '../worksheet/context'

/** The style of the selected cells: their own, else their column's, else the grid's; empty where there is none. */
export function styleOf({ grid, focus }: Selected): string {
  const letters = lettersOf(focus.column)
  return grid.styles[`${letters}${focus.row + 1}`] ?? grid.styles[letters] ?? grid.styles[''] ?? ''
}

/** What a style of the selection is kept under: whole columns as columns, cells one by one. */
export function styleKeys(selected: Selected): readonly string[] {
  const { area } = selected
  return linesOf(selected) === 'columns'
    ? Array.from({ length: area.last.column - area.first.column + 1 }, (_, index) =>
        lettersOf(area.first.column + index),
      )
    : addressesIn(area)
}

/** Giving the selected cells a number style. */
export function useStyles() {
  const { keep } = useOpenWorksheet()
  return (selected: Selected, style: string) => {
    const keys = new Set(styleKeys(selected))
    const rest = Object.entries(selected.grid.styles).filter(([key]) => !keys.has(key))
    const own = style === '' ? [] : [...keys].map((key) => [key, style] as const)
    const block: Grid = { ...selected.grid, styles: Object.fromEntries([...rest, ...own]) }
    return keep([{ do: 'changeBlock', block }])
  }
}
