import { beforeEach, describe, expect, it } from 'vitest'
import { areaOf } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'
import { apart, chartOfSelection, newChart, newSeries, tableOf } from './made'

const select = (area: string) => {
  const { first, last } = areaOf(area)
  useWorksheetStore.getState().select({ kind: 'cells', grid: 'lots', anchor: first, focus: last })
}

const cells = (chart: ReturnType<typeof chartOfSelection>) =>
  chart?.series.map(({ source }) => (source.of === 'cells' ? source.area : ''))

describe('a chart of the selection', () => {
  beforeEach(() => useWorksheetStore.getState().reset())

  it.each([
    ['A1:B9', 'A1:A9', ['B1:B9']],
    ['B9:A1', 'A1:A9', ['B1:B9']],
    ['A1:D9', 'A1:A9', ['B1:B9', 'C1:C9', 'D1:D9']],
    ['C2:C40', null, ['C2:C40']],
    ['A1:H2', 'A1:H1', ['A2:H2']],
    ['B3:K6', 'B3:K3', ['B4:K4', 'B5:K5', 'B6:K6']],
    ['A1:C3', 'A1:A3', ['B1:B3', 'C1:C3']],
    [
      'A1:Z9',
      'A1:A9',
      Array.from({ length: 25 }, (_, i) => `${String.fromCharCode(66 + i)}1:${String.fromCharCode(66 + i)}9`),
    ],
  ])('takes the lines of %s: %s across', (area, across, series) => {
    select(area)
    const chart = chartOfSelection()
    expect(chart?.grid).toBe('lots')
    expect(chart?.across).toBe(across)
    expect(cells(chart)).toEqual(series)
  })

  it.each([
    ['A1:B9', 'Price by Item'],
    ['A1:C9', 'Price and Total by Item'],
    ['A1:D9', 'New chart'], // D has no heading
    ['B1:B9', 'Price'],
    ['A2:B9', 'New chart'], // values alone
  ])('of %s is called after its headings: %s', (area, title) => {
    const headings = new Map([
      ['A1', 'Item'],
      ['B1', 'Price in EUR'],
      ['C1', 'Total'],
    ])
    select(area)
    const read = (_: string, address: string) => {
      const text = headings.get(address)
      return text === undefined ? undefined : { kind: 'text' as const, display: text }
    }
    expect(chartOfSelection(read)?.title).toBe(title)
  })

  it('has a legend only where there are several series', () => {
    select('A1:B9')
    expect(chartOfSelection()?.legend).toBe('NONE')
    select('A1:C9')
    expect(chartOfSelection()?.legend).toBe('ABOVE')
  })

  it('is none of a single cell, and none where no cells are selected', () => {
    expect(chartOfSelection()).toBeNull()
    select('B2')
    expect(chartOfSelection()).toBeNull()
    useWorksheetStore.getState().select({ kind: 'chart', id: 'curve', series: 0 })
    expect(chartOfSelection()).toBeNull()
  })

  it('has an id of its own each time', () => {
    select('A1:B9')
    expect(chartOfSelection()?.id).not.toBe(chartOfSelection()?.id)
  })
})

describe('the table of a two-way chart', () => {
  const chart = newChart('Strength', 'lots', 'A1:A9', [
    newSeries({ of: 'cells', area: 'B1:B9', grid: null }, 'LINE'),
    newSeries({ of: 'curve', expression: 'x^2', variable: 'x', from: '0', to: '1' }, 'LINE'),
    newSeries({ of: 'cells', area: 'C1:D9', grid: null }, 'LINE'),
  ])

  it('reaches from the first of its cells to the last', () => {
    expect(tableOf(chart)).toBe('A1:D9')
    expect(tableOf({ ...chart, across: null })).toBe('B1:D9')
    expect(tableOf({ ...chart, across: null, series: [] })).toBe('')
  })

  it('is taken apart into its lines, and left whole where it has but one', () => {
    expect(apart(chart, 'A1:C4')).toMatchObject({ across: 'A1:A4' })
    expect(apart(chart, 'A1:C4').series).toHaveLength(2)
    expect(apart(chart, 'B1:B4')).toEqual({ across: chart.across, series: chart.series })
  })
})
