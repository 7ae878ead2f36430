import { expect, test } from 'vitest'
import type { InColumn } from '../api/inColumn'
import { inColumn } from '../api/inColumn'
import { heldIn } from './held'

const cell = (address: string, display: string, kind: InColumn['cell']['kind'] = 'text') => ({ address, display, kind })

test('each value of a column is listed once below the headings, with the rows that show it', () => {
  const column = inColumn([
    cell('B1', 'Lot'),
    cell('B2', 'Assam'),
    cell('B3', 'Keemun'),
    cell('B4', 'Assam'),
    cell('B5', '', 'empty'),
    cell('B6', '#', 'error'),
  ])
  expect(heldIn(column, 1)).toEqual([
    { text: 'Assam', rows: [1, 3] },
    { text: 'Keemun', rows: [2] },
  ])
})
