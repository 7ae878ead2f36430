import { describe, expect, it } from 'vitest'
import { cellOf } from '../commands/page.fixture'
import type { Cell } from '../api/types'
import { readingOf, typedOf } from './readAs'

const cell = (address: string, kind: Cell['kind'], entry: string): Cell => ({ ...cellOf('grid', address, entry), kind })

const pasted = [
  cell('B2', 'number', '12.50'),
  cell('B3', 'quantity', '€ 3'),
  cell('B4', 'text', '3,5'),
  cell('C2', 'date', '31.12.2026'),
  cell('C3', 'text', '01/12/2026'),
  cell('C4', 'text', '02/12/2026'),
  cell('D2', 'text', 'River Red'),
  cell('D3', 'number', '=B2*2'),
  cell('D4', 'empty', ''),
]

const act = (area: string, kind: string) => ({ do: 'readAs', grid: 'grid', area, kind })

describe('what was read of pasted entries', () => {
  it('is told in one line, kind by kind', () => {
    expect(readingOf(pasted).says).toBe('Pasted: 1 formula, 2 numbers, 1 date and 4 texts.')
    expect(readingOf(pasted.slice(0, 1)).says).toBe('Pasted: 1 number.')
  })

  it('offers to read texts of a column that look like dates or numbers', () => {
    expect(readingOf(pasted).others).toEqual([
      { label: 'Read column C as dates, day first', act: act('C3:C4', 'DAY_FIRST') },
      { label: 'Read column C as dates, month first', act: act('C3:C4', 'MONTH_FIRST') },
      { label: 'Read column B as numbers', act: act('B4', 'NUMBERS') },
    ])
    expect(readingOf([cell('A1', 'text', 'leaf 3')]).others).toEqual([])
  })

  it('counts the cells that were typed into alone', () => {
    expect(typedOf(pasted, 'grid', [{ cell: 'B2' }, { cell: 'D4' }]).map((cell) => cell.address)).toEqual(['B2', 'D4'])
    expect(typedOf(pasted, 'other', [{ cell: 'B2' }])).toEqual([])
  })
})
