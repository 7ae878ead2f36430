import { useQueryClient } from '@tanstack/react-query'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { PAGE_ROWS } from '../api/queries'
import type { Cell, Grid } from '../api/types'
import { addressOf, areaText, type Area } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'

/** All digits of a number, what is shown of other values. */
function textOf(cell: Cell | undefined): string {
  if (!cell) return ''
  return cell.error ? cell.error.code : (cell.full ?? cell.display)
}

/** As much of an area as a grid has. */
const within = ({ first, last }: Area, { columns, rows }: Grid): Area => ({
  first,
  last: {
    column: Math.max(first.column, Math.min(last.column, columns - 1)),
    row: Math.max(first.row, Math.min(last.row, rows - 1)),
  },
})

/** What the cells of an area show other programs, row by row. */
function rowsOf({ first, last }: Area, cells: ReadonlyMap<string, Cell>): string[][] {
  const rows: string[][] = []
  for (let row = first.row; row <= last.row; row++) {
    const line: string[] = []
    for (let column = first.column; column <= last.column; column++) {
      line.push(textOf(cells.get(addressOf({ column, row }))))
    }
    rows.push(line)
  }
  return rows
}

/** What cells show, row by row, from the pages of cells that are held or else from the server. */
export function useHeldRows(grid: Grid, cells: ReadonlyMap<string, Cell>) {
  const { worksheet, at, kept } = useOpenWorksheet()
  const client = useQueryClient()

  /** The rows as the server has them now: the last change may have made the grid larger. */
  const fetchRows = async (area: Area) => {
    await kept()
    const { sections } = await api.worksheet(worksheet.id, at)
    const blocks = sections.flatMap((section) => section.blocks)
    const fresh = blocks.find((block) => block.id === grid.id)
    const whole = within(area, fresh?.kind === 'grid' ? fresh : grid)
    const { cells: filled } = await api.cells(worksheet.id, at, grid.id, areaText(whole))
    return rowsOf(whole, new Map(filled.map((cell) => [cell.address, cell])))
  }

  /** The pages of the grid that are held and as they are now, whether in view or not. */
  const heldPages = () =>
    client
      .getQueryCache()
      .findAll({ queryKey: keys.cells(worksheet.id, grid.id) })
      .flatMap(({ queryKey, state }) =>
        state.data === undefined || state.isInvalidated
          ? []
          : [{ page: queryKey[5], columns: Number(queryKey[6]), key: queryKey }],
      )

  const loaded = (): ReadonlyMap<string, Cell> =>
    new Map([
      ...heldPages().flatMap(({ key }) => [...(client.getQueryData<ReadonlyMap<string, Cell>>(key) ?? [])]),
      ...cells,
    ])

  /** Whether the rows are held that the area needs; a copy has to be made at once to go with the key press. */
  const isLoaded = ({ first, last }: Area): boolean => {
    const wide = heldPages().filter(({ columns }) => columns > last.column)
    const held = new Set(wide.map(({ page }) => page))
    for (let page = Math.floor(first.row / PAGE_ROWS); page * PAGE_ROWS <= last.row; page++) {
      if (!held.has(page)) return false
    }
    return true
  }

  /** The rows without asking; null where some are not held, or are not as they are now. */
  const rowsNow = (selected: Area): string[][] | null => {
    const area = within(selected, grid)
    const isKnown =
      client.isMutating({ mutationKey: keys.keeping(worksheet.id) }) === 0 &&
      client.isFetching({ queryKey: keys.outline(worksheet.id, at) }) === 0
    return isKnown && isLoaded(area) ? rowsOf(area, loaded()) : null
  }

  return { rowsNow, fetchRows }
}
