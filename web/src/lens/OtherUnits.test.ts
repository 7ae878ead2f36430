import { expect, test } from 'vitest'
import { converted } from './OtherUnits'

test.each([
  ['=A1*2', true, '=A1*2 to km'],
  ['=A1*2 to mi', true, '=A1*2 to km'],
  ['5 mi', false, '=5 mi to km'],
])('%s converted', (entry, calculated, expected) => {
  expect(converted(entry, calculated, 'km')).toBe(expected)
})
