import { expect, test } from 'vitest'
import type { Cell, Grid } from '../api/types'
import { columnDecimals, columnWidths, decimalsOf } from './layout'

const cell = (address: string, column: number, display: string, kind: Cell['kind'] = 'number'): Cell => ({
  grid: 'g',
  address,
  column,
  row: 0,
  entry: display,
  calculated: false,
  kind,
  display,
  unit: null,
  exact: true,
  name: null,
  from: null,
  latex: null,
  full: null,
  remark: null,
  error: null,
})
const grid: Grid = {
  kind: 'grid',
  id: 'g',
  title: 'G',
  rows: 3,
  columns: 2,
  headings: 0,
  widths: { 1: 200 },
  styles: {},
  remarks: {},
  hiddenRows: [],
  hiddenColumns: [],
  beside: false,
  tabulation: null,
}
const cells = (...all: Cell[]) => new Map(all.map((each) => [each.address, each]))

test.each([
  ['80.45', '.45'],
  ['-3', ''],
  ['30.1 %', '.1'],
  ['1.5e-7', null],
  ['inf', null],
])('%s is aligned by %s', (display, decimals) => {
  expect(decimalsOf(display)).toBe(decimals)
})

test('a column is aligned by its longest decimals, texts aside', () => {
  const shown = cells(cell('A1', 0, '1.5'), cell('A2', 0, '2.125'), cell('A3', 0, 'v1.23456', 'text'))
  expect(columnDecimals(2, shown)).toEqual(['.125', ''])
})

test('a column is as wide as what it shows, within bounds, or as it was set', () => {
  const wide = cells(cell('A1', 0, '13.92398798'), cell('B1', 1, '1'))
  const [first = 0, second] = columnWidths(grid, 2, wide)
  expect(first).toBeGreaterThan(110)
  expect(second).toBe(200)
  expect(columnWidths(grid, 1, cells(cell('A1', 0, 'x'.repeat(500), 'text')))).toEqual([300])
})
