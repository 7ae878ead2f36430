import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { axisOfTicks, dataOf, pointAt, seriesOf } from '../chart/data.fixture'
import { Thumbnail } from './Thumbnail'

const up = axisOfTicks(-2, 2, [-2, 0, 2])
const byRatio = { ...up, scale: { ...axisOfTicks(0.1, 10, [0.1, 1, 10]).scale, logarithmic: true } }
const bars = [seriesOf('Difference', [pointAt(0, 2), pointAt(1, -1), pointAt(2, null)], { shape: 'BARS' })]

/** The numbers of an attribute, as they are drawn. */
const drawn = (attribute: string, data: Parameters<typeof dataOf>) =>
  [...renderToStaticMarkup(<Thumbnail data={dataOf(...data)} />).matchAll(new RegExp(` ${attribute}="([^"]*)"`, 'g'))]
    .map((found) => Number(found[1]))
    .filter(Number.isFinite)

describe('a look, very small', () => {
  it('has bars on both sides of 0, and none for a gap', () => {
    expect(drawn('y', [bars, { up }])).toEqual([0, 15])
    expect(drawn('height', [bars, { up }])).toEqual([15, 7.5])
  })

  it('has bars from the foot of a logarithmic axis, and none where it has no place', () => {
    const [y = 0, ...others] = drawn('y', [
      [seriesOf('Loss', [pointAt(0, 1), pointAt(1, -1)], { shape: 'BARS' })],
      { up: byRatio },
    ])
    expect(y).toBeCloseTo(15)
    expect(others).toEqual([])
  })

  it('has points where they stand', () => {
    const points = [seriesOf('Reading', [pointAt(0, 0), pointAt(1, 2)], { shape: 'POINTS' })]
    expect(drawn('cy', [points, { up }])).toEqual([15, 0])
  })
})
