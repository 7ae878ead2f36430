import { expect, test } from 'vitest'
import { converted } from '../lens/OtherUnits'
import { cutUnit } from './quantity'

test.each([
  ['9.8 m/s²', 'm/s²', '9.8', ' m/s²'],
  ['30°', '°', '30', '°'],
  ['12', null, '12', ''],
  ['units-differ', 'm', 'units-differ', ''],
])('%s is cut in front of its unit', (display, unit, number, behind) => {
  expect(cutUnit(display, unit)).toEqual([number, behind])
})

test.each([
  ['=A1*2', true, '=A1*2 to km'],
  ['=A1*2 to mi', true, '=A1*2 to km'],
  ['5 mi', false, '=5 mi to km'],
])('%s converted', (entry, calculated, expected) => {
  expect(converted(entry, calculated, 'km')).toBe(expected)
})
