import { describe, expect, it } from 'vitest'
import type { Box, ChartData } from '../../api/types'
import { axisOfTicks, bins, box, dataOf, inks, placesOf, pointAt, seriesOf } from '../data.fixture'
import { newChart, USUAL_LOOK } from '../made'
import { optionsOf } from './options'

const chart = newChart('Tasting', 'g', null, [])
const besides = { chosen: new Set<string>(), former: null, turned: { alpha: 0, beta: 0, distance: 190 } }
const options = (data: ChartData, lines = false) => optionsOf({ ...chart, lines }, data, inks, besides)

/** What is told of a part that is hovered over. */
function told(data: ChartData, over: object, lines = false): unknown {
  const { tooltip } = options(data, lines)
  const formatter =
    typeof tooltip === 'object' && tooltip !== null && 'formatter' in tooltip ? tooltip.formatter : undefined
  return typeof formatter === 'function' ? formatter(over) : undefined
}

describe('shares', () => {
  const data = dataOf(
    [
      seriesOf('Cost', [pointAt(1, 3, { acrossText: 'Leaf' }), pointAt(2, 1, { acrossText: 'Tins & <lids>' })], {
        share: ['75%', '25%'],
      }),
    ],
    { form: 'SHARES', across: placesOf('Leaf', 'Tins') },
  )

  it('have their names, their sizes and their parts of the whole', () => {
    expect(options(data)).toMatchObject({
      series: [
        {
          type: 'pie',
          data: [
            { name: 'Leaf', value: 3, share: '75%' },
            { name: 'Tins & <lids>', value: 1, share: '25%' },
          ],
        },
      ],
    })
    expect(told(data, { dataIndex: 1 })).toBe('Tins &amp; &lt;lids&gt;<br><b>1</b> 25%')
    expect(told(data, { dataIndex: 2 })).toBe('')
  })

  it('are none without a series', () => {
    expect(options(dataOf([], { form: 'SHARES' }))).toMatchObject({ series: [{ data: [] }] })
  })
})

it('marks the part of a whole whose cell is selected', () => {
  const data = dataOf([seriesOf('Cost', [pointAt(0, 30), pointAt(1, 10)])], { form: 'SHARES' })
  const { series } = optionsOf(chart, data, inks, { ...besides, chosen: new Set(['B2']) })
  expect(series).toMatchObject([{ data: [{ value: 30 }, { value: 10, itemStyle: { borderColor: 'clay' } }] }])
  expect(series).not.toMatchObject([{ data: [{ itemStyle: { borderColor: 'clay' } }, {}] }])
})

describe('a histogram', () => {
  const data = dataOf([seriesOf('First', []), seriesOf('Second', [])], { form: 'HISTOGRAM', bins })

  it('has a rectangle for each step and series', () => {
    expect(options(data)).toMatchObject({
      series: [
        {
          id: 'series-0',
          data: [
            [0, 10, 4],
            [10, 20, 1],
          ],
        },
        {
          id: 'series-1',
          data: [
            [0, 10, 0],
            [10, 20, 7],
          ],
        },
      ],
    })
  })

  it.each([false, true])('tells how many lie in a step (lines behind: %s)', (lines) => {
    const seriesIndex = lines ? 2 : 1
    expect(told(data, { seriesIndex, dataIndex: 1 }, lines)).toBe('Second<br>10 g to 20 g: <b>7</b>')
    expect(told(data, { seriesIndex, dataIndex: 5 }, lines)).toBe('')
  })

  it('is empty without values', () => {
    expect(options(dataOf([seriesOf('First', [])], { form: 'HISTOGRAM' }))).toMatchObject({ series: [{ data: [] }] })
  })
})

describe('boxes', () => {
  const data = dataOf([], {
    form: 'BOXES',
    across: placesOf('River red', 'Harbour green'),
    up: axisOfTicks(0, 12, [0, 12]),
    boxes: [box, { ...box, median: { at: 3.5, label: '3.5 g' }, farOut: [] }],
  })

  it('have their five numbers, and points far out', () => {
    expect(options(data)).toMatchObject({
      series: [
        { type: 'boxplot', data: [{ value: [1, 2, 3, 4, 6] }, { value: [1, 2, 3.5, 4, 6] }] },
        {
          type: 'scatter',
          data: [
            [0, 11],
            [0, 12],
          ],
        },
        { id: 'chosen', data: [] },
      ],
    })
  })

  it('have the colours of their series, which may not be all', () => {
    const leaf = seriesOf('Leaf', [pointAt(0, 3)], { look: { ...USUAL_LOOK, colour: '#123456' } })
    expect(options({ ...data, boxes: [box], series: [seriesOf('None', []), leaf] })).toMatchObject({
      series: [{ data: [{ itemStyle: { borderColor: '#123456' } }] }, {}, {}],
    })
  })

  it('have no whisker where all beyond a quartile is far out', () => {
    const wide: Box = { ...box, upper: { at: 9, label: '9 g' }, lower: { at: 0, label: '0 g' } }
    expect(options({ ...data, boxes: [wide] })).toMatchObject({
      series: [{ data: [{ value: [0, 0, 3, 9, 9] }] }, {}, {}],
    })
  })

  it('have a ring where a cell is selected', () => {
    const leaf = seriesOf('Leaf', [pointAt(0, 3), pointAt(1, 11)])
    const boxes = { ...data, series: [seriesOf('None', []), leaf] }
    expect(optionsOf({ ...chart, lines: false }, boxes, inks, { ...besides, chosen: new Set(['B2']) })).toMatchObject({
      series: expect.arrayContaining([expect.objectContaining({ id: 'chosen', data: [[0, 11]] })]),
    })
  })

  it('are told by name', () => {
    expect(told(data, { seriesId: 'boxes', dataIndex: 1 })).toBe(
      'Harbour green<br>least 1 g, quartiles 2 g, <b>3.5 g</b>, 4 g, greatest 6 g',
    )
    expect(told(data, { seriesId: 'far-out', dataIndex: 1 })).toBe('12 g')
    expect(told(data, { seriesId: 'chosen', dataIndex: 0 })).toBe('')
    expect(told(data, { seriesId: 'boxes', dataIndex: 4 })).toBe('')
  })
})
