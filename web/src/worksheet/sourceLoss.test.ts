import { expect, test } from 'vitest'
import type { Block, Kept, Section } from '../api/types'
import { gonesOf, sourceLoss } from './sourceLoss'

const grid = (id: string, title: string): Block => ({
  kind: 'grid',
  id,
  title,
  rows: 8,
  columns: 5,
  headings: 0,
  widths: {},
  styles: {},
  remarks: {},
  hiddenRows: [],
  hiddenColumns: [],
  beside: false,
  tabulation: null,
})
const section = (...blocks: readonly Block[]): Section => ({
  id: 's',
  title: 'Lots',
  folded: false,
  isPart: false,
  blocks,
})
const kept = (...failed: readonly string[]): Kept => ({
  revision: 8,
  keptAt: '2027-03-01T09:00:00Z',
  canUndo: true,
  canRedo: false,
  changed: [],
  again: false,
  echo: {
    message: '',
    results: failed.map((called) => ({
      grid: 'other',
      gridTitle: 'Other',
      address: 'B2',
      called,
      before: '1',
      after: 'no value',
      failed: true,
    })),
  },
})

test('a grid that goes is told with the cells that fail without it, four at the most by name', () => {
  const gone = gonesOf([{ do: 'removeBlock', block: 'lots' }], [section(grid('lots', 'Lots'), grid('other', 'Other'))])
  expect(gone).toEqual([{ title: 'Lots', charts: [] }])
  expect(sourceLoss(gone, kept())).toBe('')
  expect(sourceLoss(gone, kept('total', 'Sencha · Share'))).toBe(
    'Without Lots these cells have no value: total, Sencha · Share.',
  )
  expect(sourceLoss(gone, kept('a', 'b', 'c', 'd', 'e', 'f'))).toBe(
    'Without Lots these cells have no value: a, b, c, d and 2 more.',
  )
  expect(sourceLoss([{ title: 'Lots', charts: ['Share by Lot'] }], kept('total'))).toBe(
    'Without Lots these charts have nothing to draw: Share by Lot; these cells have no value: total.',
  )
})

test('other edits take nothing away', () => {
  expect(gonesOf([{ do: 'retitle', title: 'Spring' }], [section(grid('lots', 'Lots'))])).toEqual([])
  expect(sourceLoss([], kept('total'))).toBe('')
})
