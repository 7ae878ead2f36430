import { describe, expect, it } from 'vitest'
import type { Chart, ChartData, ChartPoint, DrawnSeries } from '../../api/types'
import { axisOfTicks, dataOf, inks, placesOf, pointAt, seriesOf } from '../data.fixture'
import { newChart, newSeries, USUAL_LOOK } from '../made'
import { plotOptions } from './plot'

const chart = newChart('Cooling', 'g', null, [newSeries({ of: 'cells', area: 'B1:B9', grid: null }, 'LINE')])
const points = [pointAt(1, 0.5), pointAt(2, 1.5)]

interface Drawn {
  readonly id?: string
  readonly name: string
  readonly [key: string]: unknown
}

const isList = (value: unknown): value is readonly Drawn[] => Array.isArray(value)

function drawn(data: ChartData, of: Chart = chart, former: ChartData | null = null): readonly Drawn[] {
  const { series } = plotOptions(of, data, inks, new Set(), former)
  return isList(series) ? series : []
}

const named = (series: readonly Drawn[]) => series.map(({ id, name }) => id ?? name)
const withId = (series: readonly Drawn[], id: string) => series.find((each) => each.id === id)

const fit = (curve: readonly ChartPoint[]): DrawnSeries['fit'] => ({
  model: 'LINE',
  text: 'y = x',
  latex: 'y = x',
  rounded: false,
  units: '',
  coefficients: [],
  rSquared: '1',
  fullRSquared: '1',
  formula: '',
  curve,
  residuals: [],
})

describe('what is drawn of a plot', () => {
  it('stands in layers: lines behind, former look, series with fit and errors, rings', () => {
    const series = seriesOf('Reading', [pointAt(1, 0.5, { error: { half: 0.1, text: '0.1 °C' } })], {
      fit: fit(points),
    })
    const former = dataOf([seriesOf('Reading', points)])
    expect(named(drawn(dataOf([series]), chart, former))).toEqual([
      'lines behind',
      'former-0',
      'series-0',
      'fit-0',
      'errors-0',
      'chosen',
    ])
  })

  it('leaves out what is not wanted', () => {
    expect(named(drawn(dataOf([seriesOf('Reading', points)]), { ...chart, lines: false }))).toEqual([
      'series-0',
      'chosen',
    ])
  })

  it('tells lines apart by their dashes, and points by their markers', () => {
    const lines = ['LINE', 'LINE', 'POINTS_AND_LINE', 'LINE'] as const
    const series = drawn(dataOf(lines.map((shape, index) => seriesOf(`S${index}`, points, { shape }))))
    const dashes = [0, 1, 2, 3].map((index) => withId(series, `series-${index}`)?.lineStyle)
    expect(dashes).toMatchObject([{ type: 'solid' }, { type: [7, 4] }, { type: 'solid' }, { type: [2, 3] }])
    const clouds = drawn(dataOf([0, 1, 2, 3, 4].map((index) => seriesOf(`S${index}`, points, { shape: 'POINTS' }))))
    expect([0, 1, 2, 3, 4].map((index) => withId(clouds, `series-${index}`)?.symbol)).toEqual([
      'circle',
      'diamond',
      'rect',
      'triangle',
      'circle',
    ])
  })

  it.each([
    [{ colour: '#123456' }, { color: '#123456', width: 2.2 }],
    [
      { dash: 'DOTTED', width: 4 },
      { color: 'first', type: [2, 3], width: 4 },
    ],
    [{ dash: 'WHOLE' }, { type: 'solid' }],
    [{ colour: 'no such colour' }, { color: 'first' }],
  ] as const)('draws a line as it was chosen: %o', (look, lineStyle) => {
    const series = seriesOf('Reading', points, { look: { ...USUAL_LOOK, ...look } })
    expect(withId(drawn(dataOf([series])), 'series-0')?.lineStyle).toMatchObject(lineStyle)
  })

  it('draws hollow markers of the size and shape that were chosen', () => {
    const look = { ...USUAL_LOOK, hollow: true, marker: 'SQUARE', size: 14 } as const
    const series = seriesOf('Reading', points, { shape: 'POINTS', look })
    expect(withId(drawn(dataOf([series])), 'series-0')).toMatchObject({
      symbol: 'rect',
      symbolSize: 14,
      itemStyle: { color: 'block', borderColor: 'first' },
    })
  })

  it('puts a series on the second axis, which is above where axes are swapped', () => {
    const data = dataOf([seriesOf('Heat', points), seriesOf('Loss', points, { onRight: true })], {
      right: axisOfTicks(0, 100, [0, 50, 100], { title: 'loss', unit: 'W' }),
    })
    expect(withId(drawn(data), 'series-1')).toMatchObject({ yAxisIndex: 1 })
    expect(plotOptions(chart, data, inks, new Set(), null).yAxis).toMatchObject([{ max: 2 }, { max: 100 }])
    const swapped = { ...chart, swapped: true }
    expect(withId(drawn(data, swapped), 'series-1')).toMatchObject({ xAxisIndex: 1 })
    expect(plotOptions(swapped, data, inks, new Set(), null).xAxis).toMatchObject([
      { max: 2, position: 'bottom' },
      { max: 100, position: 'top' },
    ])
  })

  it('marks what is selected on its own axis', () => {
    const data = dataOf([seriesOf('Heat', points), seriesOf('Loss', [pointAt(4, 60)], { onRight: true })], {
      right: axisOfTicks(0, 100, [0, 50, 100]),
    })
    const { series } = plotOptions(chart, data, inks, new Set(['B5']), null)
    expect(series).toEqual(
      expect.arrayContaining([expect.objectContaining({ id: 'chosen-right', yAxisIndex: 1, data: [[4, 60]] })]),
    )
  })

  it('counts things without a size from the start of their axis', () => {
    const data = dataOf([seriesOf('Price', [pointAt(1, 4), pointAt(2, 6)], { shape: 'BARS' })], {
      across: placesOf('River red', 'Harbour green'),
    })
    expect(withId(drawn(data), 'series-0')?.data).toEqual([
      [0, 4],
      [1, 6],
    ])
    expect(withId(drawn(data, { ...chart, swapped: true }), 'series-0')?.data).toEqual([
      [4, 0],
      [6, 1],
    ])
  })

  it('stacks bars where it is asked for, and hatches several', () => {
    const bars = ['Tins', 'Bags'].map((name) => seriesOf(name, points, { shape: 'BARS' }))
    expect(withId(drawn(dataOf(bars), { ...chart, stacked: true }), 'series-1')).toMatchObject({ stack: 'left' })
    const apart = [
      seriesOf('Tins', points, { shape: 'BARS' }),
      seriesOf('Bags', points, { shape: 'BARS', onRight: true }),
    ]
    const onTwo = drawn(dataOf(apart, { right: axisOfTicks(0, 9, [0, 9]) }), { ...chart, stacked: true })
    expect(withId(onTwo, 'series-0')).toMatchObject({ stack: 'left', yAxisIndex: 0 })
    expect(withId(onTwo, 'series-1')).toMatchObject({ stack: 'right', yAxisIndex: 1 })
    expect(withId(drawn(dataOf(bars)), 'series-1')).not.toHaveProperty('stack')
    const hatched = (series: readonly DrawnSeries[]) => plotOptions(chart, dataOf(series), inks, new Set(), null).aria
    expect(hatched(bars)).toMatchObject({ decal: { show: true } })
    expect(hatched(bars.slice(1))).toMatchObject({ decal: { show: false } })
  })

  it('leaves out what logarithmic steps have no place for, and has bars stand on the axis', () => {
    const up = axisOfTicks(0.1, 10, [0.1, 1, 10])
    const byRatio = { ...up, scale: { ...up.scale, logarithmic: true } }
    const mixed = [pointAt(1, 5, { error: { half: 7, text: '7 °C' } }), pointAt(2, 0), pointAt(3, -4)]
    const data = dataOf([seriesOf('Loss', mixed, { shape: 'BARS' })], { up: byRatio })
    expect(withId(drawn(data), 'series-0')?.data).toEqual([
      [1, 5],
      [2, null],
      [3, null],
    ])
    expect(plotOptions(chart, data, inks, new Set(), null).yAxis).toMatchObject([{ type: 'log', startValue: 0.1 }])
    expect(withId(drawn(dataOf([seriesOf('Loss', mixed)])), 'series-0')?.data).toEqual([
      [1, 5],
      [2, 0],
      [3, -4],
    ])
  })

  it('draws a former look on the axis that its series stands on now', () => {
    const right = { right: axisOfTicks(0, 100, [0, 100]) }
    const data = dataOf([seriesOf('Loss', points, { onRight: true })], right)
    expect(withId(drawn(data, chart, data), 'former-0')).toMatchObject({ yAxisIndex: 1 })
  })

  it('has error bars only where points have errors and heights', () => {
    const some = [
      pointAt(1, 0.5, { error: { half: 0.1, text: '0.1 °C' } }),
      pointAt(2, null, { error: { half: 0.2, text: '0.2 °C' } }),
      pointAt(3, 1),
    ]
    expect(withId(drawn(dataOf([seriesOf('Reading', some)])), 'errors-0')?.data).toEqual([[1, 0.5, 0.1]])
    expect(withId(drawn(dataOf([seriesOf('Reading', points)])), 'errors-0')).toBeUndefined()
  })
})

describe('what is told of a point', () => {
  const told = (data: ChartData, seriesId: string, dataIndex: number) => {
    const { tooltip } = plotOptions(chart, data, inks, new Set(), null)
    const formatter =
      typeof tooltip === 'object' && tooltip !== null && 'formatter' in tooltip ? tooltip.formatter : undefined
    const text: unknown = typeof formatter === 'function' ? formatter({ seriesId, dataIndex }) : ''
    return text
  }
  const data = dataOf(
    [
      seriesOf('Cup <1>', [pointAt(1, 0.5, { error: { half: 0.1, text: '0.1 °C' } })], { fit: fit([pointAt(2, 0.7)]) }),
      seriesOf('Loss', [pointAt(1, 30, { upText: '30 W' })], { onRight: true }),
    ],
    { right: axisOfTicks(0, 100, [0, 100], { unit: 'W' }) },
  )

  it.each([
    ['series-0', 0, 'Cup &lt;1&gt;<br>1 s → <b>0.5 °C</b> ± 0.1 °C'],
    ['series-1', 0, 'Loss<br>1 s → <b>30 W</b>'],
    ['fit-0', 0, 'fit of Cup &lt;1&gt;<br>2 s → <b>0.7 °C</b>'],
    ['series-0', 7, ''],
  ])('%s, point %d, with its units', (series, index, text) => {
    expect(told(data, series, index)).toBe(text)
  })
})

describe('the legend', () => {
  const series = [seriesOf('Heat', points), seriesOf('Loss', points, { shape: 'POINTS' })]
  it.each([
    ['NONE', { show: false }],
    ['ABOVE', { top: 6, data: [{ name: 'Heat' }, { name: 'Loss' }] }],
    ['BESIDE', { orient: 'vertical' }],
    ['BELOW', { bottom: 4 }],
  ] as const)('stands %s', (legend, look) => {
    expect(plotOptions({ ...chart, legend }, dataOf(series), inks, new Set(), null).legend).toMatchObject(look)
  })
})
