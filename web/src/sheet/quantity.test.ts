import { expect, test } from 'vitest'
import { cutUnit } from './quantity'

test.each([
  ['9.8 m/s²', 'm/s²', '9.8', ' m/s²'],
  ['30°', '°', '30', '°'],
  ['12', null, '12', ''],
  ['units-differ', 'm', 'units-differ', ''],
])('%s is cut in front of its unit', (display, unit, number, behind) => {
  expect(cutUnit(display, unit)).toEqual([number, behind])
})
