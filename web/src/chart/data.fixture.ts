import type { Box, ChartAxis, ChartData, ChartPoint, DrawnSeries, Tick, TwoWay } from '../api/types'
import type { Inks } from './inks'
import { USUAL_LOOK } from './made'

/** Charts as the server tells them, for tests of how they are drawn. */

export const inks: Inks = {
  ink: 'ink',
  muted: 'muted',
  hairline: 'hairline',
  block: 'block',
  clay: 'clay',
  series: ['first', 'second'],
  ramp: ['lowest', 'low', 'middle', 'high', 'highest'],
}

export const axisOfTicks = (
  least: number,
  most: number,
  ticks: readonly number[],
  part: Partial<ChartAxis> = {},
): ChartAxis => ({
  title: 'time',
  unit: 's',
  places: false,
  scale: { least, most, ticks: ticks.map((at) => ({ at, label: String(at) })), logarithmic: false },
  ...part,
})

/** Things along an axis that have no size. */
export const placesOf = (...labels: readonly string[]): ChartAxis => ({
  title: 'leaf',
  unit: '',
  places: true,
  scale: {
    least: 0.5,
    most: labels.length + 0.5,
    ticks: labels.map((label, index) => ({ at: index + 1, label })),
    logarithmic: false,
  },
})

export const pointAt = (across: number, up: number | null, part: Partial<ChartPoint> = {}): ChartPoint => ({
  across,
  up,
  acrossText: String(across),
  upText: up === null ? '' : String(up),
  error: null,
  cell: `B${across + 1}`,
  ...part,
})

export const seriesOf = (
  name: string,
  points: readonly ChartPoint[],
  part: Partial<DrawnSeries> = {},
): DrawnSeries => ({
  name,
  source: 'B1:B9',
  shape: 'LINE',
  onRight: false,
  look: USUAL_LOOK,
  points,
  count: points.length,
  share: [],
  fit: null,
  ...part,
})

export const dataOf = (series: readonly DrawnSeries[], part: Partial<ChartData> = {}): ChartData => ({
  title: 'Cooling',
  form: 'PLOT',
  across: axisOfTicks(0, 10, [0, 5, 10]),
  up: axisOfTicks(0, 2, [0, 1, 2], { title: 'heat', unit: '°C' }),
  right: null,
  series,
  headings: 0,
  bins: null,
  boxes: [],
  table: null,
  marks: [],
  faults: [],
  summary: '',
  ...part,
})

/** Places with texts such as `4 g`. */
export const ticksOf = (...labels: readonly string[]): readonly Tick[] =>
  labels.map((label) => ({ at: Number.parseFloat(label), label }))

/** Two bins of two series. */
export const bins: NonNullable<ChartData['bins']> = {
  edges: ticksOf('0 g', '10 g', '20 g'),
  counts: [
    [4, 1],
    [0, 7],
  ],
}

/** A box with two values far out. */
export const box: Box = {
  least: { at: 1, label: '1 g' },
  lower: { at: 2, label: '2 g' },
  median: { at: 3, label: '3 g' },
  upper: { at: 4, label: '4 g' },
  most: { at: 6, label: '6 g' },
  farOut: ticksOf('11 g', '12 g'),
}

/** Two rows and three columns; one field is empty. */
export const twoWay: TwoWay = {
  across: ticksOf('60 °C', '70 °C', '80 °C'),
  up: ticksOf('1 min', '2 min'),
  first: 'C3',
  values: [
    [0.1, 0.2, 0.3],
    [0.2, null, 0.6],
  ],
  texts: [
    ['10%', '20%', '30%'],
    ['20%', '', '60%'],
  ],
  height: axisOfTicks(0, 1, [0, 0.5, 1], { title: 'drawn', unit: '' }),
  contours: [
    { level: 0, label: '0', places: [{ across: 60, up: 1 }] },
    {
      level: 0.5,
      label: '50%',
      places: [
        { across: 70, up: 1.5 },
        { across: 80, up: 1.2 },
      ],
    },
    { level: 1, label: '100%', places: [] },
  ],
}
