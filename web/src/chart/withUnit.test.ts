import { expect, it } from 'vitest'
import { withUnit } from './withUnit'

it.each([
  ['20', '°C', '20 °C'],
  ['20', '', '20'],
  ['', '°C', ''],
  ['20 °C', '°C', '20 °C'],
  ['5 × 10³', 'kg', '5 × 10³ kg'],
])('%s on an axis in %s reads %s', (text, unit, read) => {
  expect(withUnit(text, unit)).toBe(read)
})
