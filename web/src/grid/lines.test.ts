import { expect, test } from 'vitest'
import { shownLines } from './lines'

test('hidden lines take no place, and every other line keeps its number', () => {
  const lines = shownLines(6, [1, 4, 9])
  expect(lines.count).toBe(4)
  expect([0, 1, 2, 3].map(lines.lineAt)).toEqual([0, 2, 3, 5])
  expect([0, 1, 2, 3, 4, 5].map(lines.placeOf)).toEqual([0, 1, 1, 2, 3, 3])
  expect([0, 1, 4].map(lines.isHidden)).toEqual([false, true, true])
})

test('without hidden lines each stands at its own place', () => {
  const lines = shownLines(3, [])
  expect([lines.count, lines.lineAt(2), lines.placeOf(2)]).toEqual([3, 2, 2])
})
