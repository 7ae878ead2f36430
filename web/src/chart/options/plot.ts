import type { EChartsCoreOption } from 'echarts/core'
import type { Chart, ChartAxis, ChartData, ChartPoint, DrawnSeries } from '../../api/types'
import type { Inks } from '../inks'
import { axisOf, escaped, legendOf, linesBehind, ringAt, textStyle, tooltipLook } from './axes'
import { lookOf } from './looks'
import { withUnit } from '../withUnit'

/** What a drawn series shows: a series of the chart, its fit, or its error bars. */
export interface Drawn {
  readonly series: number
  readonly part: 'points' | 'fit' | 'errors'
}

type Coordinates = readonly [number, number | null]

const upAxisOf = (data: ChartData, isRight: boolean) => (isRight && data.right ? data.right : data.up)

/** Logarithmic steps have no place for what is not above 0. */
const isOff = ({ scale }: ChartAxis, value: number | null) => scale.logarithmic && value !== null && value <= 0

/** Places in the order of the axes: things without a size are counted from 0 there. */
function coordinates(data: ChartData, isSwapped: boolean, isRight: boolean) {
  const upAxis = upAxisOf(data, isRight)
  return ({ across, up }: Pick<ChartPoint, 'across' | 'up'>): Coordinates => {
    const place = data.across.places ? across - 1 : across
    const height = isOff(upAxis, up) || isOff(data.across, across) ? null : up
    return isSwapped ? [height ?? Number.NaN, place] : [place, height]
  }
}

/** A short line, for series that have no markers. */
const LINE_ICON = 'path://M0,0L26,0L26,3L0,3Z'

const named = ({ name, shape }: DrawnSeries) =>
  shape === 'LINE' || shape === 'STEPS' ? { name, icon: LINE_ICON } : { name }

/** Points, lines, steps, bars and curves between two axes. */
export function plotOptions(
  chart: Chart,
  data: ChartData,
  inks: Inks,
  chosen: ReadonlySet<string>,
  former: ChartData | null,
): EChartsCoreOption {
  const { swapped } = chart
  const { legend, room } = legendOf(chart.legend, data.series.map(named), inks)
  const right = data.right ? [axisOf(data.right, inks, { isVertical: !swapped, isRight: true })] : []
  const across = axisOf(data.across, inks, { isVertical: swapped })
  const up = axisOf(data.up, inks, { isVertical: !swapped })
  const along = data.across.places ? [across, betweenNames(data.across, swapped)] : across
  const bars = data.series.filter((series) => series.shape === 'BARS').length
  const all = [
    ...(chart.lines ? [linesBehind(data.across, data.up, inks, swapped)] : []),
    ...(former?.series.map((series, index) =>
      pale(series, index, inks, measured(chart, data, series.onRight), coordinates(data, swapped, series.onRight)),
    ) ?? []),
    ...data.series.flatMap((series, index) => drawn(chart, data, series, index, inks)),
    ...chosenPoints(chart, data, chosen, inks),
  ]
  return {
    animation: false,
    textStyle,
    grid: {
      left: 68,
      ...room,
      ...(right.length > 0 ? (swapped ? { top: room.top + 40 } : { right: room.right + 48 }) : {}),
      containLabel: false,
    },
    legend,
    aria: { enabled: true, label: { enabled: false }, decal: { show: bars > 1 } },
    tooltip: tooltip(data, inks),
    xAxis: swapped ? [up, ...right] : along,
    yAxis: swapped ? along : [up, ...right],
    series: all,
  }
}

/** Between things without a size nothing has a place: a curve through their bars goes along an axis of its own there. */
const betweenNames = ({ scale }: ChartAxis, isVertical: boolean) => ({
  type: 'value',
  show: false,
  min: scale.least - 1,
  max: scale.most - 1,
  inverse: isVertical,
})

const besideNames = (chart: Chart, data: ChartData) =>
  data.across.places ? (chart.swapped ? { yAxisIndex: 1 } : { xAxisIndex: 1 }) : {}

/** Lines are told apart by their dashes from the second on. */
const linesBefore = (data: ChartData, index: number) =>
  data.series.slice(0, index).filter(({ shape }) => shape === 'LINE' || shape === 'STEPS').length

/** Which vertical axis a series stands on; where axes are swapped there is one. */
/** On which of two axes a series is measured. */
type Measured = { readonly xAxisIndex: 0 | 1 } | { readonly yAxisIndex: 0 | 1 }

const measured = (chart: Chart, data: ChartData, onRight: boolean): Measured => {
  const index = onRight && data.right ? 1 : 0
  return chart.swapped ? { xAxisIndex: index } : { yAxisIndex: index }
}

function drawn(chart: Chart, data: ChartData, series: DrawnSeries, index: number, inks: Inks) {
  const place = coordinates(data, chart.swapped, series.onRight)
  const look = lookOf(series, index, inks, linesBefore(data, index))
  const axis = measured(chart, data, series.onRight)
  const label = {
    show: series.look.labels,
    position: chart.swapped ? 'right' : 'top',
    color: inks.ink,
    formatter: ({ dataIndex }: { readonly dataIndex: number }) => series.points[dataIndex]?.upText ?? '',
  }
  const common = {
    name: series.name,
    ...axis,
    data: series.points.map(place),
    label,
    labelLayout: { hideOverlap: true },
    itemStyle: look.itemStyle,
    z: 3,
  }
  const shown =
    series.shape === 'BARS'
      ? {
          ...common,
          type: 'bar',
          barMaxWidth: 56,
          ...(chart.stacked ? { stack: series.onRight && data.right ? 'right' : 'left' } : {}),
          itemStyle: { color: look.colour },
        }
      : look.hasLine
        ? {
            ...common,
            type: 'line',
            // Labels need something to stand beside.
            symbol: look.hasPoints ? look.symbol : series.look.labels ? 'circle' : 'none',
            symbolSize: look.hasPoints ? look.symbolSize : 0.1,
            showAllSymbol: true,
            connectNulls: false,
            lineStyle: look.lineStyle,
            ...(series.shape === 'STEPS' ? { step: 'end' } : {}),
          }
        : { ...common, type: 'scatter', symbol: look.symbol, symbolSize: look.symbolSize }
  return [
    { ...shown, id: `series-${index}` },
    ...(series.fit ? [fitted(series, index, look.colour, { ...axis, ...besideNames(chart, data) }, place)] : []),
    ...(series.points.some((point) => point.error !== null)
      ? [errorBars(series, index, look.colour, axis, place, upAxisOf(data, series.onRight), chart.swapped)]
      : []),
  ]
}

function fitted(
  series: DrawnSeries,
  index: number,
  colour: string,
  axis: Record<string, number>,
  place: (point: ChartPoint) => Coordinates,
) {
  return {
    id: `fit-${index}`,
    name: `fit of ${series.name}`,
    type: 'line',
    ...axis,
    data: (series.fit?.curve ?? []).map(place),
    symbol: 'none',
    lineStyle: { color: colour, width: 1.6, type: [3, 3] },
    itemStyle: { color: colour },
    z: 4,
  }
}

interface Api {
  readonly value: (index: number) => number
  readonly coord: (at: readonly number[]) => readonly [number, number]
}

function errorBars(
  series: DrawnSeries,
  index: number,
  colour: string,
  axis: Measured,
  place: (point: ChartPoint) => Coordinates,
  { scale }: ChartAxis,
  isSwapped: boolean,
) {
  const points = series.points.filter((point) => point.up !== null && point.error !== null)
  const lowest = scale.logarithmic ? scale.least : Number.NEGATIVE_INFINITY
  return {
    id: `errors-${index}`,
    name: `errors of ${series.name}`,
    type: 'custom',
    ...axis,
    silent: true,
    tooltip: { show: false },
    data: points.map((point) => [...place(point), point.error?.half ?? 0]),
    renderItem: (_: unknown, api: Api) => {
      const along = isSwapped ? 0 : 1
      const end = (way: number) => {
        const at = [api.value(0), api.value(1)]
        at[along] = Math.max(lowest, (at[along] ?? 0) + way * api.value(2))
        return api.coord(at)
      }
      const [low, high] = [end(-1), end(1)]
      const cap = ([x, y]: readonly [number, number]) => (isSwapped ? [x, y - 4, x, y + 4] : [x - 4, y, x + 4, y])
      return {
        type: 'group',
        children: [[low[0], low[1], high[0], high[1]], cap(low), cap(high)].map(([x1, y1, x2, y2]) => ({
          type: 'line',
          shape: { x1, y1, x2, y2 },
          style: { stroke: colour, lineWidth: 1.4 },
        })),
      }
    },
    z: 4,
  }
}

/** A former look, laid under the one of now. */
function pale(
  series: DrawnSeries,
  index: number,
  inks: Inks,
  axis: Measured,
  place: (point: ChartPoint) => Coordinates,
) {
  const look = lookOf(series, index, inks)
  return {
    id: `former-${index}`,
    name: `${series.name} before`,
    type: look.hasLine ? 'line' : series.shape === 'BARS' ? 'bar' : 'scatter',
    ...axis,
    data: series.points.map(place),
    symbol: look.hasPoints ? look.symbol : 'none',
    symbolSize: look.symbolSize,
    lineStyle: { ...look.lineStyle, opacity: 0.3 },
    itemStyle: { ...look.itemStyle, opacity: 0.3 },
    silent: true,
    tooltip: { show: false },
    z: 1,
  }
}

/** Rings around the points whose cells are selected, on each of the axes. */
function chosenPoints(chart: Chart, data: ChartData, chosen: ReadonlySet<string>, inks: Inks) {
  return (data.right ? [false, true] : [false]).map((onRight) => {
    const points = data.series
      .filter((series) => series.onRight === onRight)
      .flatMap((series) => series.points)
      .filter((point) => point.cell !== null && chosen.has(point.cell) && point.up !== null)
    return {
      id: onRight ? 'chosen-right' : 'chosen',
      ...measured(chart, data, onRight),
      ...ringAt(points.map(coordinates(data, chart.swapped, onRight)), inks),
    }
  })
}

interface Hovered {
  readonly seriesId: string
  readonly dataIndex: number
}

function tooltip(data: ChartData, inks: Inks) {
  return {
    trigger: 'item',
    ...tooltipLook(inks),
    formatter: ({ seriesId, dataIndex }: Hovered) => {
      const [part = '', number = ''] = seriesId.split('-')
      const series = data.series[Number(number)]
      const point = (part === 'fit' ? series?.fit?.curve : series?.points)?.[dataIndex]
      return series && point ? spokenPoint(data, series, point, part === 'fit') : ''
    },
  }
}

/** A point in words, for hovering. */
function spokenPoint(data: ChartData, series: DrawnSeries, point: ChartPoint, isFit: boolean): string {
  const up = series.onRight && data.right ? data.right : data.up
  const name = isFit ? `fit of ${series.name}` : series.name
  const error = point.error === null ? '' : ` ± ${escaped(point.error.text)}`
  return (
    `${escaped(name)}<br>${escaped(withUnit(point.acrossText, data.across.unit))} → ` +
    `<b>${escaped(withUnit(point.upText, up.unit))}</b>${error}`
  )
}
