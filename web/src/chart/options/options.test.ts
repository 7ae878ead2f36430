import { expect, test } from 'vitest'
import type { Shape } from '../../api/types'
import { axisOfTicks, dataOf, inks, pointAt, seriesOf } from '../data.fixture'
import { newChart, newSeries } from '../made'
import { withUnit } from '../withUnit'
import { axisOf } from './axes'
import { optionsOf } from './options'

const data = (shape: Shape) =>
  dataOf([seriesOf('Reading', [pointAt(0, 1, { cell: 'B1' }), pointAt(5, null, { cell: 'B2' })], { shape })])

const chart = newChart('Curve', 'g', null, [newSeries({ of: 'cells', area: 'B1:B2', grid: null }, 'LINE')])
const besides = { chosen: new Set<string>(), former: null, turned: { alpha: 0, beta: 0, distance: 190 } }

test.each([
  ['POINTS', 'scatter', 'circle'],
  ['LINE', 'line', 'none'],
  ['POINTS_AND_LINE', 'line', 'circle'],
  ['STEPS', 'line', 'none'],
  ['BARS', 'bar', undefined],
] as const)('%s is drawn as %s with the symbol %s, and a missing point is a gap', (shape, type, symbol) => {
  const options = optionsOf(chart, data(shape), inks, besides)
  expect(options).toMatchObject({
    series: expect.arrayContaining([
      expect.objectContaining({
        id: 'series-0',
        type,
        ...(symbol ? { symbol } : {}),
        data: [
          [0, 1],
          [5, null],
        ],
      }),
    ]),
  })
})

test('an axis has the ends and ticks that the core worked out, with a true minus', () => {
  const drawn = axisOf(axisOfTicks(-3, 7, [-2, 0, 2]), inks, { isVertical: false })
  expect(drawn).toMatchObject({ min: -3, max: 7, axisTick: { customValues: [-2, 0, 2] } })
  expect('axisLabel' in drawn && 'formatter' in drawn.axisLabel ? drawn.axisLabel.formatter(-2) : '').toBe('−2')
})

test('axes change places when they are swapped', () => {
  expect(optionsOf({ ...chart, swapped: true }, data('LINE'), inks, besides)).toMatchObject({
    xAxis: [{ max: 2 }],
    yAxis: { max: 10 },
  })
})

test('selected cells have rings', () => {
  const options = optionsOf(chart, data('LINE'), inks, { ...besides, chosen: new Set(['B1']) })
  expect(options).toMatchObject({
    series: expect.arrayContaining([expect.objectContaining({ id: 'chosen', data: [[0, 1]] })]),
  })
})

test.each([
  ['5', 's', '5 s'],
  ['5 s', 's', '5 s'],
  ['', 's', ''],
  ['5', '', '5'],
])('%s with the unit %s is %s', (text, unit, expected) => {
  expect(withUnit(text, unit)).toBe(expected)
})
