import { describe, expect, it } from 'vitest'
import type { ChartData, Form } from '../../api/types'
import { axisOfTicks, dataOf, inks, placesOf, ticksOf, twoWay } from '../data.fixture'
import { newChart, newSeries, USUAL_LOOK } from '../made'
import { optionsOf } from './options'

const chart = { ...newChart('Steeping', 'g', null, []), lines: false }
const data = (form: Form, part: Partial<ChartData> = {}) =>
  dataOf([], {
    form,
    across: axisOfTicks(60, 80, [60, 70, 80], { title: 'water', unit: '°C' }),
    up: axisOfTicks(1, 2, [1, 2], { title: 'time', unit: 'min' }),
    table: twoWay,
    ...part,
  })
const options = (form: Form, part: Partial<ChartData> = {}, chosen: readonly string[] = []) =>
  optionsOf(chart, data(form, part), inks, {
    chosen: new Set(chosen),
    former: null,
    turned: { alpha: 30, beta: 40, distance: 190 },
  })

function told(form: Form, over: object, part: Partial<ChartData> = {}): unknown {
  const { tooltip } = options(form, part)
  const formatter =
    typeof tooltip === 'object' && tooltip !== null && 'formatter' in tooltip ? tooltip.formatter : undefined
  return typeof formatter === 'function' ? formatter(over) : undefined
}

function labelled(axis: unknown, at: number): unknown {
  const label = typeof axis === 'object' && axis !== null && 'axisLabel' in axis ? axis.axisLabel : undefined
  const formatter = typeof label === 'object' && label !== null && 'formatter' in label ? label.formatter : undefined
  return typeof formatter === 'function' ? formatter(at) : undefined
}

describe('a two-way table', () => {
  it('is fields, with none where a value is missing', () => {
    expect(options('FIELDS')).toMatchObject({
      series: [
        {
          type: 'heatmap',
          data: [
            [0, 0, 0.1],
            [1, 0, 0.2],
            [2, 0, 0.3],
            [0, 1, 0.2],
            [2, 1, 0.6],
          ],
        },
        { id: 'chosen', data: [] },
      ],
      visualMap: { min: 0, max: 1, text: ['1', '0'] },
      xAxis: { type: 'category', data: ['60', '70', '80'] },
      yAxis: { type: 'category', data: ['1', '2'], inverse: false },
    })
  })

  it('is lines of equal value, coloured by their height', () => {
    expect(options('CONTOURS')).toMatchObject({
      series: [
        { id: 'contour-0', name: 'drawn 0', lineStyle: { color: 'low' } },
        {
          id: 'contour-1',
          name: 'drawn 50%',
          lineStyle: { color: 'high' },
          data: [
            [70, 1.5],
            [80, 1.2],
          ],
        },
        { id: 'contour-2', lineStyle: { color: 'highest' } },
        { id: 'chosen', data: [] },
      ],
    })
  })

  it('is a surface, seen from where it was turned to, with a hole where a value is missing', () => {
    expect(options('SURFACE')).toMatchObject({
      grid3D: { viewControl: { alpha: 30, beta: 40, distance: 190, autoRotate: false } },
      series: [
        {
          type: 'surface',
          dataShape: [2, 3],
          data: [
            [60, 1, 0.1],
            [70, 1, 0.2],
            [80, 1, 0.3],
            [60, 2, 0.2],
            [70, 2, Number.NaN],
            [80, 2, 0.6],
          ],
        },
        { id: 'chosen', data: [] },
      ],
      zAxis3D: { name: 'drawn', min: 0, max: 1 },
    })
  })

  it.each([
    ['FIELDS', { value: [2, 1] }, 'water 80 °C, time 2 min → <b>60%</b>'],
    ['SURFACE', { dataIndex: 3 }, 'water 60 °C, time 2 min → <b>20%</b>'],
    ['CONTOURS', { seriesName: 'drawn <50%>' }, 'drawn &lt;50%&gt;'],
  ] as const)('%s tells what is pointed at', (form, over, text) => {
    expect(told(form, over)).toBe(text)
  })

  it('has headings without the unit of its axis, and others as they are', () => {
    const table = { ...twoWay, across: ticksOf('500 g', '1.5 kg', '2000 g') }
    const across = axisOfTicks(500, 2000, [], { unit: 'g' })
    expect(options('FIELDS', { table, across })).toMatchObject({ xAxis: { data: ['500', '1.5 kg', '2000'] } })
  })

  it('tells things without a size by their names', () => {
    const table = { ...twoWay, across: ['Red', 'Green', 'White'].map((label, index) => ({ at: index + 1, label })) }
    const across = placesOf('Red', 'Green', 'White')
    expect(told('FIELDS', { value: [1, 0] }, { table, across })).toBe('leaf Green, time 1 min → <b>20%</b>')
    expect(options('FIELDS', { table, across })).toMatchObject({ xAxis: { data: ['Red', 'Green', 'White'] } })
  })

  it.each([
    ['FIELDS', [[1, 0]]],
    ['CONTOURS', [[70, 1]]],
    ['SURFACE', [[70, 1, 0.2 + 0.06]]], // over it, that it is seen
  ] as const)('%s has a mark where a cell is selected', (form, marks) => {
    expect(options(form, {}, ['D3'])).toMatchObject({
      series: expect.arrayContaining([expect.objectContaining({ id: 'chosen', data: marks })]),
    })
  })

  it.each([true, false])('has its values on its fields, if that was chosen: %s', (labels) => {
    const series = { ...newSeries({ of: 'cells', area: 'B2:E4', grid: null }, 'LINE'), look: { ...USUAL_LOOK, labels } }
    const { series: drawn } = optionsOf({ ...chart, series: [series] }, data('FIELDS'), inks, {
      chosen: new Set(),
      former: null,
      turned: { alpha: 0, beta: 0, distance: 190 },
    })
    const [fields]: readonly unknown[] = Array.isArray(drawn) ? drawn : []
    expect(fields).toMatchObject({ label: { show: labels } })
    const label = typeof fields === 'object' && fields !== null && 'label' in fields ? fields.label : undefined
    const formatter = typeof label === 'object' && label !== null && 'formatter' in label ? label.formatter : undefined
    expect(typeof formatter === 'function' && formatter({ value: [2, 1] })).toBe('60%')
  })

  it('colours its values alone', () => {
    expect(options('FIELDS')).toMatchObject({ visualMap: { seriesIndex: 0 } })
  })

  it('is a surface with our ticks', () => {
    const across = axisOfTicks(59, 120, [59, 90, 120], { title: 'month', unit: '' })
    const { xAxis3D, zAxis3D } = options('SURFACE', { across })
    expect(xAxis3D).toMatchObject({ min: 59, max: 120, interval: 30.5 })
    expect([59, 89.5, 120].map((at) => labelled(xAxis3D, at))).toEqual(['59', '90', '120'])
    expect([0, 0.25, 0.5, 1].map((at) => labelled(zAxis3D, at))).toEqual(['0', '', '0.5', '1'])
  })

  it.each(['FIELDS', 'CONTOURS', 'SURFACE'] as const)('%s is nothing until there is a table', (form) => {
    expect(options(form, { table: null })).toEqual({})
  })
})
