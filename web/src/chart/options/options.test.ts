import { expect, test } from 'vitest'
import type { ChartAxis, ChartData, Shape } from '../../api/types'
import type { Inks } from '../inks'
import { newChart, newSeries, USUAL_LOOK } from '../made'
import { withUnit } from '../withUnit'
import { axisOf } from './axes'
import { optionsOf } from './options'

const inks: Inks = {
  ink: 'ink',
  muted: 'muted',
  hairline: 'hairline',
  block: 'block',
  clay: 'clay',
  series: ['first', 'second'],
  ramp: ['low', 'high'],
}

const axis = (least: number, most: number, ticks: readonly number[], places = false): ChartAxis => ({
  title: 'time',
  unit: 's',
  places,
  scale: { least, most, ticks: ticks.map((at) => ({ at, label: String(at) })), logarithmic: false },
})

const data = (shape: Shape): ChartData => ({
  title: 'Curve',
  form: 'PLOT',
  across: axis(0, 10, [0, 5, 10]),
  up: axis(0, 2, [0, 1, 2]),
  right: null,
  series: [
    {
      name: 'Reading',
      source: 'B1:B2',
      shape,
      onRight: false,
      look: USUAL_LOOK,
      points: [
        { across: 0, up: 1, acrossText: '0', upText: '1', error: null, cell: 'B1' },
        { across: 5, up: null, acrossText: '5', upText: '', error: null, cell: 'B2' },
      ],
      count: 2,
      share: [],
      fit: null,
    },
  ],
  bins: null,
  boxes: [],
  table: null,
  marks: [],
  faults: [],
  summary: '',
})

const chart = newChart('Curve', 'g', null, [newSeries({ of: 'cells', area: 'B1:B2' }, 'LINE')])
const besides = { chosen: new Set<string>(), former: null, turned: { alpha: 0, beta: 0 } }

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
  const drawn = axisOf(axis(-3, 7, [-2, 0, 2]), inks, { isVertical: false })
  expect(drawn).toMatchObject({ min: -3, max: 7, axisTick: { customValues: [-2, 0, 2] } })
  expect('axisLabel' in drawn && 'formatter' in drawn.axisLabel ? drawn.axisLabel.formatter(-2) : '').toBe('−2')
})

test('axes change places when they are swapped', () => {
  expect(optionsOf({ ...chart, swapped: true }, data('LINE'), inks, besides)).toMatchObject({
    xAxis: { max: 2 },
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
