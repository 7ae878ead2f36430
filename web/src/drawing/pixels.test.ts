import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Chart, ChartData } from '../api/types'
import { axisOfTicks, dataOf, inks, placesOf, pointAt, seriesOf, ticksOf, twoWay } from '../chart/data.fixture'
import { newChart, newSeries } from '../chart/made'
import { optionsOf } from '../chart/options/options'
import { pixelsOf } from './pixels'
import { echarts } from './registered'

/** Digits that `toBeCloseTo` asks for: to a pixel. */
const PIXEL = -0.3

const chart = newChart('Cooling', 'g', null, [newSeries({ of: 'cells', area: 'B1:B9', grid: null }, 'LINE')])
const cooling = dataOf([seriesOf('Cup', [pointAt(0, 2), pointAt(10, 0)])])

let drawn: ReturnType<typeof echarts.init>
beforeEach(() => {
  drawn = echarts.init(null, null, { renderer: 'svg', ssr: true, width: 600, height: 400 })
})
afterEach(() => drawn.dispose())

function draw(data: ChartData, of: Chart = chart) {
  drawn.setOption(
    optionsOf(of, data, inks, { chosen: new Set(), former: null, turned: { alpha: 0, beta: 0, distance: 190 } }),
  )
  return pixelsOf(drawn, of, data)
}

describe('the pixels of a drawn chart', () => {
  it('lie in the rectangle between the axes', () => {
    const pixels = draw(cooling)
    const pixel = { x: expect.closeTo(68, PIXEL), y: expect.closeTo(346, PIXEL) }
    expect(pixels?.of({ across: 0, up: 0 })).toEqual(pixel)
    expect(pixels?.plot.left).toBeCloseTo(68, PIXEL)
    expect(pixels?.plot.top).toBeCloseTo(18, PIXEL)
    expect(pixels?.plot.width).toBeCloseTo(600 - 68 - 24, PIXEL)
    expect(pixels?.plot.height).toBeCloseTo(400 - 18 - 54, PIXEL)
    expect(pixels?.of({ across: 10, up: 2 })?.x).toBeCloseTo(576, PIXEL)
    expect(pixels?.of({ across: 5, up: 1 })?.y).toBeCloseTo(182, PIXEL)
  })

  it.each([
    ['a plot', cooling, chart],
    ['swapped axes', cooling, { ...chart, swapped: true }],
    ['swapped axes and a second one', { ...cooling, right: axisOfTicks(0, 50, [0, 50]) }, { ...chart, swapped: true }],
    ['a second axis', { ...cooling, right: axisOfTicks(0, 50, [0, 50]) }, chart],
  ])('go there and back on %s', (_, data, of) => {
    const pixels = draw(data, of)
    for (const place of [
      { across: 0, up: 0 },
      { across: 7.5, up: 0.25 },
    ]) {
      const pixel = pixels?.of(place)
      const back = pixel && pixels?.back(pixel)
      expect(back?.across).toBeCloseTo(place.across, 1)
      expect(back?.up).toBeCloseTo(place.up, 1)
    }
  })

  it('are measured on the second axis for what stands there', () => {
    const pixels = draw({ ...cooling, right: axisOfTicks(0, 50, [0, 50]) })
    expect(pixels?.of({ across: 0, up: 25 }, true)?.y).toBe(pixels?.of({ across: 0, up: 1 })?.y)
  })

  it('stand in the middle of things without a size', () => {
    const bars = dataOf([seriesOf('Price', [pointAt(1, 1), pointAt(2, 2)], { shape: 'BARS' })], {
      across: placesOf('River red', 'Harbour green'),
    })
    expect(draw(bars)?.of({ across: 1, up: 0 })?.x).toBeCloseTo(68 + (600 - 68 - 24) / 4, PIXEL)
  })

  it.each([false, true])('reach over the room of the things at the ends (axes swapped: %s)', (swapped) => {
    const bars = dataOf([seriesOf('Price', [pointAt(1, 1), pointAt(2, 2)], { shape: 'BARS' })], {
      across: placesOf('Red', 'Green'),
    })
    const pixels = draw(bars, { ...chart, swapped })
    const [first, second] = [1, 2].map((across) => pixels?.of({ across, up: 0 })?.[swapped ? 'y' : 'x'] ?? 0)
    expect(pixels?.plot[swapped ? 'height' : 'width']).toBeCloseTo(2 * Math.abs((second ?? 0) - (first ?? 0)), 9)
    expect(pixels?.plot[swapped ? 'height' : 'width']).toBeGreaterThan(300)
    const between = pixels?.of({ across: 1.25, up: 1 })
    expect(between && pixels?.back(between)?.across).toBeCloseTo(1.25, 9)
  })

  it('stand between the fields of a table by their sizes', () => {
    const table = { ...twoWay, across: ticksOf('60 °C', '70 °C', '90 °C') }
    const pixels = draw(
      dataOf([], { form: 'FIELDS', table, across: axisOfTicks(60, 90, []), up: axisOfTicks(1, 2, []) }),
    )
    const [first, second, third] = [60, 70, 90].map((across) => pixels?.of({ across, up: 1 })?.x ?? 0)
    expect(pixels?.of({ across: 80, up: 1 })?.x).toBeCloseTo(((second ?? 0) + (third ?? 0)) / 2, PIXEL)
    expect(pixels?.plot.left).toBeCloseTo((first ?? 0) - ((second ?? 0) - (first ?? 0)) / 2, PIXEL)
    const place = pixels?.of({ across: 64, up: 1.5 })
    expect(place && pixels?.back(place)).toEqual({ across: expect.closeTo(64, 9), up: expect.closeTo(1.5, 9) })
  })

  it('are none of charts without axes', () => {
    expect(draw({ ...cooling, form: 'SHARES' })).toBeNull()
  })
})
