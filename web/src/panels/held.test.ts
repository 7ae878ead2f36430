import { expect, test } from 'vitest'
import type { Cell } from '../api/types'
import { heldIn } from './held'

const cell = (address: string, display: string, kind: Cell['kind'] = 'text') => ({ address, display, kind })

test('each value is listed once, with the rows that show it; what is empty or failed is not', () => {
  const column = [
    cell('B2', 'Harbour'),
    cell('B3', 'Cedar'),
    cell('B4', 'Harbour'),
    cell('B5', '', 'empty'),
    cell('B6', '#', 'error'),
  ]
  expect(heldIn(column)).toEqual([
    { text: 'Harbour', rows: [1, 3] },
    { text: 'Cedar', rows: [2] },
  ])
})
