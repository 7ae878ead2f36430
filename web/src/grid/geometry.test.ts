import { describe, expect, it } from 'vitest'
import { areaOf, areaText } from '../sheet/address'
import { boxOf, movedTo, ROW_HEAD, ROW_HEIGHT, type Geometry } from './geometry'
import { shownLines } from './lines'

const geometry = (over: Partial<Geometry> = {}): Geometry => ({
  widths: [100, 50, 0, 80],
  rows: shownLines(20, []),
  headings: 0,
  ...over,
})

describe('the box of an area', () => {
  it('begins behind the row numbers and is as large as its cells', () => {
    expect(boxOf(areaOf('A1'), geometry(), 'body')).toEqual({ left: ROW_HEAD, top: 0, width: 100, height: ROW_HEIGHT })
    expect(boxOf(areaOf('B3:D5'), geometry(), 'body')).toEqual({
      left: ROW_HEAD + 100,
      top: 2 * ROW_HEIGHT,
      width: 130,
      height: 3 * ROW_HEIGHT,
    })
  })

  it('is none for a hidden column, and leaves it out of a wider one', () => {
    expect(boxOf(areaOf('C1:C9'), geometry(), 'body')).toBeNull()
    expect(boxOf(areaOf('B1:C1'), geometry(), 'body')?.width).toBe(50)
  })

  it('is none for hidden rows, and leaves them out of a higher one', () => {
    const rows = shownLines(20, [3, 4])
    expect(boxOf(areaOf('A4:A5'), geometry({ rows }), 'body')).toBeNull()
    expect(boxOf(areaOf('A3:A6'), geometry({ rows }), 'body')).toMatchObject({
      top: 2 * ROW_HEIGHT,
      height: 2 * ROW_HEIGHT,
    })
    expect(boxOf(areaOf('A3:A5'), geometry({ rows }), 'body')?.height).toBe(ROW_HEIGHT)
  })

  it('is parted between the headings that stay in view and the body', () => {
    const with2 = geometry({ headings: 2 })
    expect(boxOf(areaOf('A1:A4'), with2, 'headings')).toMatchObject({ top: 0, height: 2 * ROW_HEIGHT })
    expect(boxOf(areaOf('A1:A4'), with2, 'body')).toMatchObject({ top: 0, height: 2 * ROW_HEIGHT })
    expect(boxOf(areaOf('A3'), with2, 'headings')).toBeNull()
    expect(boxOf(areaOf('A1:B2'), with2, 'body')).toBeNull()
    expect(boxOf(areaOf('A5'), with2, 'body')?.top).toBe(2 * ROW_HEIGHT)
  })

  it('ends with the grid', () => {
    expect(boxOf(areaOf('D19:F25'), geometry(), 'body')).toMatchObject({ width: 80, height: 2 * ROW_HEIGHT })
    expect(boxOf(areaOf('F1'), geometry(), 'body')).toBeNull()
    expect(boxOf(areaOf('A21'), geometry(), 'body')).toBeNull()
  })
})

it.each([
  ['A1', 'C3', 'C3'],
  ['B2:D5', 'A1', 'A1:C4'],
  ['B2:D5', 'E9', 'E9:G12'],
])('%s moved to %s is %s', (area, to, moved) => {
  expect(areaText(movedTo(areaOf(area), areaOf(to).first))).toBe(moved)
})
