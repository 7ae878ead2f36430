import type { Grid, Kept } from '../api/types'
import { addressOf, addressesIn, areaText, type Area, type At } from '../sheet/address'
import type { OpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import type { Notices } from '../worksheet/useNotices'
import type { Command } from './command'
import type { ReadCell } from './useReadCell'
import { goOn } from './goOn'
import { linesOf, selectedCells, type Selected } from './selected'

const MOST_NAMED = 4
const MOST_ROWS = 1000

/** What went without a value, or changed, because calculated cells were cleared; empty where nobody used them. */
export function lossOf(kept: Kept, cleared: readonly string[]): string {
  const failed = kept.echo.results.filter((line) => line.failed)
  const followed = failed.length > 0 ? failed : kept.echo.results
  if (followed.length === 0) return ''
  const named = followed.slice(0, MOST_NAMED).map((line) => line.called)
  const rest = followed.length - named.length
  const who = named.join(', ') + (rest > 0 ? ` and ${rest} more` : '')
  const what = cleared.length === 1 ? `${cleared[0]} was calculated` : `${cleared.length} cells were calculated`
  return failed.length > 0 ? `${what}. Without it these have no value: ${who}.` : `${what}, and these used it: ${who}.`
}

/** What typed entries can be read as instead. */
const READINGS = [
  { id: 'read-numbers', kind: 'NUMBERS', says: 'Read the texts as numbers' },
  { id: 'read-day-first', kind: 'DAY_FIRST', says: 'Read the texts as dates, day first' },
  { id: 'read-month-first', kind: 'MONTH_FIRST', says: 'Read the texts as dates, month first' },
  { id: 'read-text', kind: 'TEXT', says: 'Read the entries as texts' },
] as const

/** What is done with the selected cells. */
export function cellCommands(
  open: OpenWorksheet,
  read: ReadCell,
  notices: Notices,
  step: (way: 'undo') => void,
): readonly Command[] {
  const { grids, act } = open
  const selected = () => (open.at === null ? selectedCells(grids) : null)
  const some = () => selected() !== null
  const several = () => {
    const now = selected()
    return now !== null && areaText(now.area).includes(':')
  }
  const show = useWorksheetStore.getState().show

  const addUp = () => {
    const now = selected()
    if (!now) return
    void act({ do: 'addUp', grid: now.grid.id, area: areaText(now.area), axis: null }).catch(() => undefined)
  }

  const clear = () => {
    const now = selected()
    if (!now) return
    const some = addressesIn(clipped(now.area, now.grid))
    const calculated = some.filter((address) => read(now.grid.id, address)?.calculated)
    act({ do: 'clear', grid: now.grid.id, area: areaText(now.area) }).then(
      (kept) => {
        const loss = calculated.length > 0 ? lossOf(kept, calculated) : ''
        if (loss !== '') notices.offer(loss, 'Bring it back', () => step('undo'))
      },
      () => undefined,
    )
  }

  /** One row stands for the table around it, and so does a whole column: which rows that has, the program finds. */
  const sortedArea = (now: Selected) => {
    const { first, last } = now.area
    if (linesOf(now) === 'columns') {
      const at = filledIn(now.grid, now.focus.column, (address) => read(now.grid.id, address)?.kind ?? 'empty')
      return { first: at, last: at }
    }
    const top = first.row === last.row ? first.row : Math.max(now.grid.headings, first.row)
    return { first: { column: first.column, row: top }, last }
  }

  const sort = (descending: boolean) => {
    const now = selected()
    if (!now) return
    const area = sortedArea(now)
    void act({ do: 'sort', grid: now.grid.id, area: areaText(area), by: now.focus.column, descending }).catch(
      () => undefined,
    )
  }

  return [
    {
      id: 'continue-down',
      says: 'Continue down',
      group: 'Cells',
      keys: 'Alt Down',
      also: 'fill repeat pattern series copy formula',
      isPossible: some,
      run: () => goOn(open, 'ROWS'),
    },
    {
      id: 'continue-right',
      says: 'Continue to the right',
      group: 'Cells',
      keys: 'Alt Shift Right',
      also: 'fill repeat pattern series copy formula',
      isPossible: some,
      run: () => goOn(open, 'COLUMNS'),
    },
    {
      id: 'add-up',
      says: 'Add up what stands above, or to the left',
      group: 'Cells',
      keys: 'Alt Shift S',
      also: 'sum total column row',
      isPossible: some,
      run: addUp,
    },
    ...READINGS.map(({ id, kind, says }): Command => ({
      id,
      says,
      group: 'Cells',
      also: 'convert entries pasted',
      isPossible: some,
      run: () => {
        const now = selected()
        if (now) void act({ do: 'readAs', grid: now.grid.id, area: areaText(now.area), kind }).catch(() => undefined)
      },
    })),
    {
      id: 'fill-table',
      says: 'Fill the table from its headings',
      group: 'Cells',
      also: 'two-way table top row left column',
      isPossible: several,
      run: () => {
        const now = selected()
        if (now) void act({ do: 'fillTable', grid: now.grid.id, area: areaText(now.area) }).catch(() => undefined)
      },
    },
    {
      id: 'series',
      says: 'Make a series …',
      group: 'Cells',
      also: 'from to step count numbers dates',
      isPossible: some,
      run: () => show({ kind: 'series' }),
    },
    {
      id: 'clear',
      says: 'Clear the cells',
      group: 'Cells',
      keys: 'Delete',
      also: 'delete empty remove',
      isPossible: some,
      run: clear,
    },
    {
      id: 'name',
      says: 'Name the cells …',
      group: 'Cells',
      keys: 'Alt N',
      isPossible: some,
      run: () => show({ kind: 'name' }),
    },
    {
      id: 'name-by-labels',
      says: 'Name the values by their labels',
      group: 'Cells',
      also: 'names from text beside above',
      isPossible: several,
      run: () => {
        const now = selected()
        if (now) void act({ do: 'nameByLabels', grid: now.grid.id, area: areaText(now.area) }).catch(() => undefined)
      },
    },
    {
      id: 'remark',
      says: 'Write a remark …',
      group: 'Cells',
      keys: 'Alt R',
      also: 'comment note',
      isPossible: some,
      run: () => show({ kind: 'remark' }),
    },
    {
      id: 'style',
      says: 'Choose the number style …',
      group: 'Cells',
      also: 'format decimals places percent currency fraction',
      isPossible: some,
      run: () => show({ kind: 'style' }),
    },
    {
      id: 'unit',
      says: 'Choose the unit of the column …',
      group: 'Cells',
      also: 'units quantity kg m s eur column',
      isPossible: some,
      run: () => show({ kind: 'unit' }),
    },
    {
      id: 'sort-up',
      says: 'Sort by this column, smallest first',
      group: 'Cells',
      also: 'order ascending',
      isPossible: some,
      run: () => sort(false),
    },
    {
      id: 'sort-down',
      says: 'Sort by this column, largest first',
      group: 'Cells',
      also: 'order descending',
      isPossible: some,
      run: () => sort(true),
    },
    {
      id: 'filter',
      says: 'Show rows by what this column holds …',
      group: 'Cells',
      also: 'filter hide',
      isPossible: some,
      run: () => show({ kind: 'filter' }),
    },
    {
      id: 'carry',
      says: 'Move with the arrow keys',
      group: 'Cells',
      keys: 'Alt M',
      also: 'cells rows columns carry',
      isPossible: some,
      run: () => {
        const now = selected()
        if (!now) return
        useWorksheetStore.setState({
          carrying: { grid: now.grid.id, from: now.area, to: now.area.first, lines: linesOf(now) },
        })
      },
    },
    {
      id: 'copy-shown',
      says: 'Copy as shown',
      group: 'Cells',
      also: 'clipboard rounded display',
      isPossible: some,
      run: () => {
        const now = selected()
        if (!now) return
        const cells = addressesIn(now.area).map((address) => read(now.grid.id, address))
        const lost = cells.filter((cell) => cell?.full && cell.full !== cell.display).length
        const rows: string[] = []
        for (let row = now.area.first.row; row <= now.area.last.row; row++) {
          const line: string[] = []
          for (let column = now.area.first.column; column <= now.area.last.column; column++) {
            line.push(read(now.grid.id, addressOf({ column, row }))?.display ?? '')
          }
          rows.push(line.join('\t'))
        }
        void navigator.clipboard
          .writeText(rows.join('\n'))
          .then(() =>
            lost > 0
              ? notices.warn(
                  `Copied as shown. ${lost === 1 ? 'One value has' : `${lost} values have`} more digits than that.`,
                )
              : notices.tell('Copied as shown.'),
          )
      },
    },
  ]
}

/** The area without what lies beyond the edge of the grid. */
const clipped = ({ first, last }: Area, grid: Grid): Area => ({
  first,
  last: { column: Math.min(last.column, grid.columns), row: Math.min(last.row, first.row + MOST_ROWS, grid.rows) },
})

/** The first cell below the headings of a column, as far as it is loaded, that is filled. */
function filledIn(grid: Grid, column: number, kind: (address: string) => string): At {
  for (let row = grid.headings; row < Math.min(grid.rows, MOST_ROWS); row++) {
    if (kind(addressOf({ column, row })) !== 'empty') return { column, row }
  }
  return { column, row: grid.headings }
}
