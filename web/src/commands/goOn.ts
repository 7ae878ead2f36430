import type { Axis } from '../api/types'
import { areaText } from '../sheet/address'
import type { OpenWorksheet } from '../worksheet/context'
import { selectAfter, selectedCells } from './selected'

/** Continues the selected cells as far as those beside them go, and selects what was filled. */
export function goOn({ at, grids, act }: Pick<OpenWorksheet, 'at' | 'grids' | 'act'>, axis: Axis): void {
  const now = at === null ? selectedCells(grids) : null
  if (!now) return
  const { first, last } = now.area
  selectAfter(act({ do: 'goOn', grid: now.grid.id, area: areaText(now.area), axis }), now.grid.id, ({ changed }) => {
    const reached = changed.filter((cell) => cell.grid === now.grid.id && cell.entry !== '')
    return {
      first,
      last: {
        column: axis === 'ROWS' ? last.column : Math.max(...reached.map((cell) => cell.column), last.column),
        row: axis === 'ROWS' ? Math.max(...reached.map((cell) => cell.row), last.row) : last.row,
      },
    }
  })
}
