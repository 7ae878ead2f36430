import { expect, test } from 'vitest'
import type { Chart } from '../api/types'
import { newChart, newSeries } from './made'
import { CHART_SETTINGS, SERIES_SETTINGS, withForm, withoutSeries } from './settings'

const columns: Chart = newChart('Look', 'g', 'A1:A9', [
  newSeries({ of: 'cells', area: 'B1:B9', grid: null }, 'LINE'),
  newSeries({ of: 'cells', area: 'C1:C9', grid: null }, 'POINTS'),
])

test('columns become one two-way table and go apart again', () => {
  const table = withForm(columns, 'SURFACE')
  expect(table).toMatchObject({ form: 'SURFACE', across: null, series: [{ source: { area: 'A1:C9' } }] })
  expect(withForm(table, 'CONTOURS').series).toEqual(table.series)
  expect(withForm(table, 'PLOT')).toMatchObject({
    form: 'PLOT',
    across: 'A1:A9',
    series: [{ source: { area: 'B1:B9' } }, { source: { area: 'C1:C9' } }],
  })
})

test('tangents go with their curve when it is taken out, and others stay', () => {
  const curve = (id: string, expression: string) => ({
    ...newSeries({ of: 'curve', expression, variable: 'x', from: '0', to: '9' }, 'LINE'),
    id,
  })
  const chart: Chart = {
    ...columns,
    series: [curve('a', 'x'), curve('b', 'x^2'), curve('c', 'x^3')],
    marks: [
      { kind: 'tangent', series: 'a', across: 1 },
      { kind: 'tangent', series: 'c', across: 3 },
      { kind: 'label', across: 1, up: 1, text: 'here' },
    ],
  }
  expect(withoutSeries(chart, 0).marks).toEqual([chart.marks[1], chart.marks[2]])
  expect(withoutSeries(chart, 1).marks).toEqual(chart.marks)
  expect(withoutSeries(chart, 2).marks).toEqual([chart.marks[0], chart.marks[2]])
})

test('every choice is on once it is chosen, and no other of its setting', () => {
  for (const setting of [...CHART_SETTINGS, ...SERIES_SETTINGS]) {
    const labels = setting.choices(columns, 1).map((choice) => choice.label)
    for (const label of labels) {
      const chosen =
        setting
          .choices(columns, 1)
          .find((choice) => choice.label === label)
          ?.chosen() ?? columns
      const series = Math.min(1, chosen.series.length - 1)
      const on = setting.choices(chosen, series).filter((choice) => choice.isOn)
      expect(
        on.map((choice) => choice.label),
        setting.says,
      ).toEqual([label])
    }
  }
})

test('a setting of one series leaves the others alone', () => {
  const colour = SERIES_SETTINGS.find((setting) => setting.id === 'colour')
  const changed = colour?.choices(columns, 1).at(-1)?.chosen()
  expect(changed?.series[0]).toEqual(columns.series[0])
  expect(changed?.series[1]?.look.colour).toBe('grey')
})

test.each([
  ['line', 'PLOT', 'LINE', true],
  ['line', 'PLOT', 'POINTS_AND_LINE', true],
  ['line', 'PLOT', 'POINTS', false],
  ['width', 'PLOT', 'BARS', false],
  ['marker', 'PLOT', 'POINTS', true],
  ['size', 'PLOT', 'LINE', false],
  ['filled', 'HISTOGRAM', 'POINTS', false],
  ['colour', 'PLOT', 'BARS', true],
  ['colour', 'BOXES', 'LINE', true],
  ['colour', 'SURFACE', 'LINE', false],
  ['labels', 'FIELDS', 'LINE', true],
  ['labels', 'SHARES', 'LINE', false],
] as const)('%s of a series is offered where it is seen: %s, %s', (id, form, shape, isOffered) => {
  const chart: Chart = { ...columns, form, series: [newSeries({ of: 'cells', area: 'B1:B9', grid: null }, shape)] }
  expect(SERIES_SETTINGS.find((setting) => setting.id === id)?.isPossible?.(chart, 0)).toBe(isOffered)
})
