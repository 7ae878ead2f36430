import type { AxisLook, Cell, Chart, ChartSeries, SeriesLook, Shape, Source } from '../api/types'
import { freshId } from '../sheet/freshId'
import { addressOf, areaBetween, areaOf, areaText, type Area } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'

export const USUAL_AXIS: AxisLook = { title: '', least: '', most: '', logarithmic: false }

export const USUAL_LOOK: SeriesLook = {
  colour: '',
  dash: 'USUAL',
  width: 0,
  marker: 'USUAL',
  size: 0,
  hollow: false,
  labels: false,
}

/** Cells of the chart's own grid. */
export const cellsIn = (area: string, grid: string | null = null): Source => ({ of: 'cells', area, grid })

/** The grid that a series draws from. */
export const gridOf = (chart: Chart, series: number): string => {
  const source = chart.series[series]?.source
  return source?.of === 'cells' ? (source.grid ?? chart.grid) : chart.grid
}

/** A series in the usual look. */
export const newSeries = (source: Source, shape: Shape, name = ''): ChartSeries => ({
  id: freshId('series'),
  source,
  name,
  shape,
  onRight: false,
  errors: null,
  errorsDeleted: false,
  look: USUAL_LOOK,
  fit: 'NONE',
})

/** A chart in the usual look. */
export const newChart = (
  title: string,
  grid: string,
  across: string | null,
  series: readonly ChartSeries[],
): Chart => ({
  kind: 'chart',
  id: freshId('chart'),
  title,
  form: 'PLOT',
  grid,
  across,
  series,
  acrossAxis: USUAL_AXIS,
  upAxis: USUAL_AXIS,
  rightAxis: USUAL_AXIS,
  legend: series.length > 1 ? 'ABOVE' : 'NONE',
  lines: true,
  swapped: false,
  stacked: false,
  marks: [],
  beside: false,
  headings: null,
  acrossDeleted: false,
})

/** The columns of a two-way table as a chart of series: the first across, the others up. */
export function apart(chart: Chart, table: string): Pick<Chart, 'across' | 'series'> {
  const [first, ...others] = linesOf(areaOf(table))
  return first && others.length > 0
    ? { across: first, series: others.map((area) => newSeries(cellsIn(area), 'POINTS_AND_LINE')) }
    : { across: chart.across, series: chart.series }
}

/** The lines of an area, each a column, or a row where it is wider than high. */
export function linesOf(area: Area): readonly string[] {
  const rows = area.last.row - area.first.row + 1
  const columns = area.last.column - area.first.column + 1
  return columns > rows && rows <= 6 && columns > 2
    ? Array.from({ length: rows }, (_, index) => {
        const row = area.first.row + index
        return areaText({ first: { ...area.first, row }, last: { ...area.last, row } })
      })
    : Array.from({ length: columns }, (_, index) => {
        const column = area.first.column + index
        return areaText({ first: { ...area.first, column }, last: { ...area.last, column } })
      })
}

/** A chart of the selected cells: the first column across, the others up; null where there is only one cell. */
export function chartOfSelection(read: Read = () => undefined): Chart | null {
  const { selection } = useWorksheetStore.getState()
  const area = selection.kind === 'cells' ? areaBetween(selection.anchor, selection.focus) : null
  if (selection.kind !== 'cells' || !area) return null
  const [first, ...others] = linesOf(area)
  const isTooSmall = area.last.row === area.first.row && area.last.column === area.first.column
  if (!first || isTooSmall) return null
  const series = others.length > 0 ? others : [first]
  return newChart(
    titleOf(
      others.map((line) => headingOf(line, selection.grid, read)),
      headingOf(first, selection.grid, read),
    ),
    selection.grid,
    others.length > 0 ? first : null,
    series.map((cells) => newSeries(cellsIn(cells), 'POINTS_AND_LINE')),
  )
}

/** Reads a cell, where it is loaded. */
type Read = (grid: string, address: string) => Pick<Cell, 'kind' | 'display'> | undefined

/** What a heading says behind its name: the unit. */
const UNIT = /(?:, | in | \(| \/ ).*$/

/** The text that a line of cells begins with, without its unit; empty where it begins with something else. */
function headingOf(line: string, grid: string, read: Read): string {
  const cell = read(grid, addressOf(areaOf(line).first))
  return cell?.kind === 'text' ? cell.display.replace(UNIT, '') : ''
}

const MOST_NAMED = 3

/** `Price and Total by Item`, where the lines have headings. */
function titleOf(others: readonly string[], across: string): string {
  if (others.length === 0) return across === '' ? 'New chart' : across
  const isNamed = across !== '' && others.length <= MOST_NAMED && others.every((name) => name !== '')
  const names = others.length > 1 ? `${others.slice(0, -1).join(', ')} and ${others.at(-1) ?? ''}` : (others[0] ?? '')
  return isNamed ? `${names} by ${across}` : 'New chart'
}

/** The whole two-way table that a chart's cells lie in: from the first of them to the last. */
export function tableOf(chart: Chart): string {
  const parts = [
    ...(chart.across ? [chart.across] : []),
    ...chart.series.flatMap((series) => (series.source.of === 'cells' ? [series.source.area] : [])),
  ]
  const first = parts[0]?.split(':')[0]
  const last = parts.at(-1)?.split(':').at(-1)
  return first && last ? `${first}:${last}` : ''
}
