import { expect, test } from 'vitest'
import { placed, type Box } from './place'

const page: Box = { left: 8, top: 8, right: 900, bottom: 700 }
const card = { width: 470, height: 190 }
const cellAt = (left: number, top: number): Box => ({ left, top, right: left + 80, bottom: top + 28 })

test.each([
  ['under its cell, to the right', cellAt(300, 200), [], { left: 386, edge: 234, hangs: true }],
  ['above it near the foot', cellAt(300, 600), [], { left: 386, edge: 594, hangs: false }],
  ['within the page', cellAt(800, 200), [], { left: 430, edge: 234, hangs: true }],
  [
    'above where it would cover what is below',
    cellAt(300, 300),
    [cellAt(400, 330)],
    { left: 386, edge: 294, hangs: false },
  ],
  [
    'to the left where both would be covered',
    cellAt(520, 300),
    [{ left: 520, top: 330, right: 700, bottom: 400 }, cellAt(520, 260)],
    { left: 44, edge: 334, hangs: true },
  ],
] as const)('it stands %s', (_, cell, referred, place) => {
  expect(placed(cell, referred, card, page)).toEqual(place)
})

test('it stands where it covers least if it must cover something', () => {
  const all: Box = { left: 0, top: 40, right: 900, bottom: 700 }
  expect(placed(cellAt(300, 200), [all], card, page).hangs).toBe(false)
})
