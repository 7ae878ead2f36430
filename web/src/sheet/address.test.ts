import { describe, expect, test } from 'vitest'
import {
  addressesIn,
  addressOf,
  areaBetween,
  areaOf,
  areaText,
  atOf,
  contains,
  lettersOf,
  quotedTitle,
} from './address'

describe('addresses', () => {
  test.each([
    [0, 'A'],
    [25, 'Z'],
    [26, 'AA'],
    [701, 'ZZ'],
    [702, 'AAA'],
  ])('column %i is written %s', (column, letters) => {
    expect(lettersOf(column)).toBe(letters)
    expect(atOf(`${letters}1`).column).toBe(column)
  })

  test('an address reads back as the same cell', () => {
    for (let column = 0; column < 800; column += 7) {
      expect(atOf(addressOf({ column, row: column * 3 }))).toEqual({ column, row: column * 3 })
    }
  })

  test('an area has its corners in order, whichever came first', () => {
    const area = areaBetween({ column: 3, row: 1 }, { column: 1, row: 4 })
    expect(areaText(area)).toBe('B2:D5')
    expect(areaOf('B2:D5')).toEqual(area)
    expect(areaText(areaOf('C7'))).toBe('C7')
    expect(contains(area, { column: 2, row: 3 })).toBe(true)
    expect(contains(area, { column: 0, row: 3 })).toBe(false)
    expect(addressesIn(areaOf('A1:B2'))).toEqual(['A1', 'B1', 'A2', 'B2'])
  })

  test.each([
    ['Prices', 'Prices'],
    ['Prix_2', 'Prix_2'],
    ['Leaf prices', "'Leaf prices'"],
    ["Ann's lots", "'Ann''s lots'"],
    ['2027', "'2027'"],
  ])('the title %s stands in a reference as %s', (title, quoted) => {
    expect(quotedTitle(title)).toBe(quoted)
  })
})
