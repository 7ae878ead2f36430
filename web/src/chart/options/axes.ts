import type { ChartAxis } from '../../api/types'
import type { Inks } from '../inks'

const SANS = 'IBM Plex Sans, sans-serif'

/** The text of all of a chart. */
export const textStyle = { fontFamily: SANS }

interface Wanted {
  readonly isVertical: boolean
  /** Whether it is the second of its kind, on the right or above. */
  readonly isRight?: boolean
}

/** An axis as the core worked it out: its ends and ticks are taken as they are. */
export function axisOf({ title, places, scale }: ChartAxis, inks: Inks, { isVertical, isRight = false }: Wanted) {
  const at = scale.ticks.map((tick) => tick.at)
  const labels = new Map(scale.ticks.map((tick) => [tick.at, tick.label.replace(/^-/, '−')]))
  const looks = {
    name: title,
    nameLocation: 'middle',
    nameGap: isVertical ? 48 : 32,
    nameRotate: isVertical ? 90 : 0,
    nameTextStyle: { color: inks.ink, fontSize: 12.5 },
    position: isVertical ? (isRight ? 'right' : 'left') : isRight ? 'top' : 'bottom',
    axisLine: { show: true, onZero: false, lineStyle: { color: inks.ink } },
    splitLine: { show: false },
  }
  if (places) {
    return {
      ...looks,
      type: 'category',
      data: scale.ticks.map((tick) => tick.label),
      inverse: isVertical,
      axisTick: { show: false },
      axisLabel: {
        color: inks.muted,
        fontSize: 12,
        hideOverlap: true,
        overflow: 'truncate',
        width: isVertical ? 90 : 110,
      },
    }
  }
  return {
    ...looks,
    type: scale.logarithmic ? 'log' : 'value',
    min: scale.least,
    max: scale.most,
    // Bars stand on the axis: there is no 0 that they could begin at.
    ...(scale.logarithmic ? { startValue: scale.least } : {}),
    axisTick: { show: true, customValues: at, lineStyle: { color: inks.ink } },
    axisLabel: {
      color: inks.muted,
      fontSize: 12,
      customValues: at,
      hideOverlap: true,
      formatter: (value: number) => labels.get(value) ?? labelNear(scale.ticks, value),
    },
  }
}

/** Logarithmic axes give a tick back with a rounding tail. */
function labelNear(ticks: ChartAxis['scale']['ticks'], value: number): string {
  return ticks.find((tick) => Math.abs(tick.at - value) <= Math.abs(tick.at) * 1e-9)?.label ?? ''
}

/** Lines behind, at the ticks, drawn by a series of their own since ticks need not be even. */
export function linesBehind(across: ChartAxis, up: ChartAxis, inks: Inks, isSwapped: boolean) {
  const at = (axis: ChartAxis, name: 'xAxis' | 'yAxis') =>
    axis.places ? [] : axis.scale.ticks.map((tick) => ({ [name]: tick.at }))
  return {
    type: 'line',
    name: 'lines behind',
    data: [],
    silent: true,
    tooltip: { show: false },
    markLine: {
      silent: true,
      symbol: 'none',
      animation: false,
      z: 0,
      label: { show: false },
      lineStyle: { color: inks.hairline, width: 1, type: 'solid' },
      data: [...at(across, isSwapped ? 'yAxis' : 'xAxis'), ...at(up, isSwapped ? 'xAxis' : 'yAxis')],
    },
    z: 0,
  }
}

/** A line of the legend: its sign is that of the series, if nothing else is said. */
export interface Named {
  readonly name: string
  readonly icon?: string
}

/** Where the legend is, and the room that it takes. */
export function legendOf(legend: string, names: readonly Named[], inks: Inks) {
  const common = { data: [...names], textStyle: { color: inks.ink, fontSize: 13 }, itemGap: 18, type: 'scroll' }
  switch (legend) {
    case 'ABOVE':
      return { legend: { ...common, right: 16, top: 6 }, room: { top: 40, right: 24, bottom: 54 } }
    case 'BESIDE':
      return {
        legend: { ...common, right: 10, top: 'middle', orient: 'vertical' },
        room: { top: 18, right: 150, bottom: 54 },
      }
    case 'BELOW':
      return { legend: { ...common, left: 'center', bottom: 4 }, room: { top: 18, right: 24, bottom: 84 } }
    default:
      return { legend: { show: false }, room: { top: 18, right: 24, bottom: 54 } }
  }
}

/** How what is hovered over is told. */
export const tooltipLook = (inks: Inks) => ({
  confine: true,
  backgroundColor: inks.block,
  borderColor: inks.hairline,
  textStyle: { color: inks.ink, fontSize: 13 },
})

/** A ring around what is selected. */
export const ringAt = (places: readonly (readonly (number | null)[])[], inks: Inks) => ({
  name: 'chosen',
  type: 'scatter',
  silent: true,
  tooltip: { show: false },
  data: places,
  symbol: 'circle',
  symbolSize: 17,
  itemStyle: { color: 'transparent', borderColor: inks.clay, borderWidth: 2 },
  z: 5,
})

/** A text that is shown inside markup. */
export const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
