import type { Axis, Edit, Grid } from '../api/types'
import type { OpenWorksheet } from '../worksheet/context'
import type { Command } from './command'
import { selectAfter, selectedCells, type Selected } from './selected'

const first = ({ area }: Selected, axis: Axis) => (axis === 'ROWS' ? area.first.row : area.first.column)
const last = ({ area }: Selected, axis: Axis) => (axis === 'ROWS' ? area.last.row : area.last.column)
const count = (now: Selected, axis: Axis) => last(now, axis) - first(now, axis) + 1

/** What is done with the rows and columns of the selected cells. */
export function lineCommands({ at, grids, keep }: OpenWorksheet): readonly Command[] {
  const selected = () => (at === null ? selectedCells(grids) : null)
  const some = () => selected() !== null
  const send = (edits: (now: Selected) => readonly Edit[]) => () => {
    const now = selected()
    if (now) void keep(edits(now)).catch(() => undefined)
  }
  const change = (part: (grid: Grid, now: Selected) => Partial<Grid>) =>
    send((now) => [{ do: 'changeBlock', block: { ...now.grid, ...part(now.grid, now) } }])

  const insert = (axis: Axis, behind: boolean) =>
    send((now) => [
      {
        do: 'insertLines',
        grid: now.grid.id,
        axis,
        at: behind ? last(now, axis) + 1 : first(now, axis),
        count: count(now, axis),
      },
    ])
  const remove = (axis: Axis) => () => {
    const now = selected()
    if (!now) return
    const edit = { do: 'deleteLines', grid: now.grid.id, axis, at: first(now, axis), count: count(now, axis) } as const
    selectAfter(keep([edit]), now.grid.id, () => ({ first: now.area.first, last: now.area.first }))
  }
  const indexes = (now: Selected, axis: Axis) =>
    Array.from({ length: count(now, axis) }, (_, index) => first(now, axis) + index)

  return [
    {
      id: 'row-before',
      says: 'Put rows in above',
      group: 'Rows and columns',
      keys: 'Alt I',
      also: 'insert add',
      isPossible: some,
      run: insert('ROWS', false),
    },
    {
      id: 'row-behind',
      says: 'Put rows in below',
      group: 'Rows and columns',
      also: 'insert add',
      isPossible: some,
      run: insert('ROWS', true),
    },
    {
      id: 'column-before',
      says: 'Put columns in on the left',
      group: 'Rows and columns',
      keys: 'Alt Shift I',
      also: 'insert add',
      isPossible: some,
      run: insert('COLUMNS', false),
    },
    {
      id: 'column-behind',
      says: 'Put columns in on the right',
      group: 'Rows and columns',
      also: 'insert add',
      isPossible: some,
      run: insert('COLUMNS', true),
    },
    {
      id: 'rows-out',
      says: 'Take the rows out',
      group: 'Rows and columns',
      keys: 'Alt Delete',
      also: 'delete remove',
      isPossible: some,
      run: remove('ROWS'),
    },
    {
      id: 'columns-out',
      says: 'Take the columns out',
      group: 'Rows and columns',
      keys: 'Alt Shift Delete',
      also: 'delete remove',
      isPossible: some,
      run: remove('COLUMNS'),
    },
    {
      id: 'hide-rows',
      says: 'Hide the rows',
      group: 'Rows and columns',
      isPossible: some,
      run: change((grid, now) => ({ hiddenRows: [...new Set([...grid.hiddenRows, ...indexes(now, 'ROWS')])] })),
    },
    {
      id: 'hide-columns',
      says: 'Hide the columns',
      group: 'Rows and columns',
      isPossible: some,
      run: change((grid, now) => ({
        hiddenColumns: [...new Set([...grid.hiddenColumns, ...indexes(now, 'COLUMNS')])],
      })),
    },
    {
      id: 'show-hidden',
      says: 'Show hidden rows and columns',
      group: 'Rows and columns',
      isPossible: () => {
        const now = selected()
        return now !== null && now.grid.hiddenRows.length + now.grid.hiddenColumns.length > 0
      },
      run: change(() => ({ hiddenRows: [], hiddenColumns: [] })),
    },
    {
      id: 'wider',
      says: 'Make the columns wider',
      group: 'Rows and columns',
      keys: 'Alt Shift .',
      also: 'width',
      isPossible: some,
      run: change((grid, now) => ({ widths: resized(grid, indexes(now, 'COLUMNS'), STEP) })),
    },
    {
      id: 'narrower',
      says: 'Make the columns narrower',
      group: 'Rows and columns',
      keys: 'Alt Shift ,',
      also: 'width',
      isPossible: some,
      run: change((grid, now) => ({ widths: resized(grid, indexes(now, 'COLUMNS'), -STEP) })),
    },
    {
      id: 'headings',
      says: 'Use the rows down to here as headings',
      group: 'Rows and columns',
      also: 'freeze header stay in view',
      isPossible: some,
      run: change((grid, now) => ({ headings: grid.headings === now.area.last.row + 1 ? 0 : now.area.last.row + 1 })),
    },
  ]
}

const STEP = 24
const LEAST = 40
const MOST = 800

/** The widths with some columns wider by so many pixels than they are drawn now. */
function resized(grid: Grid, columns: readonly number[], by: number): Record<string, number> {
  const widths: Record<string, number> = { ...grid.widths }
  for (const column of columns) {
    const drawn = document.querySelector(`#block-${grid.id} [data-column="${column}"]`)?.getBoundingClientRect().width
    widths[column] = Math.round(Math.max(LEAST, Math.min(MOST, (widths[column] ?? drawn ?? 100) + by)))
  }
  return widths
}
