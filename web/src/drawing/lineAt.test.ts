import { afterEach, beforeEach, expect, it } from 'vitest'
import type { Chart, ChartData } from '../api/types'
import { axisOfTicks, dataOf, inks, pointAt, seriesOf } from '../chart/data.fixture'
import { lineAt } from './lineAt'
import { newChart } from '../chart/made'
import { optionsOf } from '../chart/options/options'
import { pixelsOf } from './pixels'
import { echarts } from './registered'

let drawn: ReturnType<typeof echarts.init>
beforeEach(() => {
  drawn = echarts.init(null, null, { renderer: 'svg', ssr: true, width: 600, height: 400 })
})
afterEach(() => drawn.dispose())

const chart = newChart('Cooling', 'g', null, [])
const points = [pointAt(0, 0), pointAt(4, 2), pointAt(6, null), pointAt(8, 1), pointAt(10, 1)]
const line = dataOf([seriesOf('Cup', points)])
const steps = dataOf([seriesOf('Cup', points, { shape: 'STEPS' })])
const right = dataOf([seriesOf('Pot', [pointAt(0, 0), pointAt(10, 40)], { onRight: true })], {
  right: axisOfTicks(0, 40, [0, 40], { unit: 'W' }),
})
const fitted = dataOf([
  seriesOf('Cup', [pointAt(2, 1)], {
    shape: 'POINTS',
    fit: {
      model: 'LINE',
      text: '',
      latex: '',
      rounded: false,
      units: '',
      coefficients: [],
      rSquared: '',
      fullRSquared: '',
      formula: '',
      curve: [pointAt(0, 0), pointAt(10, 2)],
      residuals: [],
    },
  }),
])

/** What is told at a place in the data, so many pixels above it. */
function told(data: ChartData, across: number, up: number, above = 0, of: Chart = chart) {
  drawn.setOption(
    optionsOf(of, data, inks, { chosen: new Set(), former: null, turned: { alpha: 0, beta: 0, distance: 190 } }),
  )
  const pixels = pixelsOf(drawn, of, data)
  const at = pixels?.of({ across, up })
  return pixels && at && lineAt(data, pixels, { x: at.x, y: at.y - above })?.said()
}

it.each([
  [line, 1, 0.5, 0, 'Cup, 0 s: 0 °C'], // between two points: the nearer
  [line, 3, 1.5, 0, 'Cup, 4 s: 2 °C'],
  [line, 3, 1.5, 40, undefined], // too far from it
  [line, 5, 1.8, 0, undefined], // a gap
  [line, 9.5, 1, 4, 'Cup, 10 s: 1 °C'],
  [steps, 2, 0, 3, 'Cup, 0 s: 0 °C'],
  [steps, 4, 1.2, 0, 'Cup, 4 s: 2 °C'], // up the step
  [steps, 2, 1, 0, undefined], // where a straight line would be
  [right, 5, 1, 0, 'Pot, 0 s: 0 W'], // on its own axis
  [fitted, 8, 1.6, 0, 'fit of Cup, 10 s: 2 °C'],
  [fitted, 2, 1, 0, undefined], // markers are told by what draws them
])('tells of lines without markers: %#', (data, across, up, above, said) => {
  expect(told(data, across, up, above)).toBe(said)
})

it('finds lines whose axes were swapped', () => {
  expect(told(line, 3, 1.5, 0, { ...chart, swapped: true })).toBe('Cup, 4 s: 2 °C')
})
