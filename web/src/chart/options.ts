import type { EChartsCoreOption } from 'echarts/core'
import type { ChartData, ChartScale, Shape } from '../api/types'

const INK = '#22313f'
const MUTED = '#636d76'
const HAIRLINE = '#efe8dc'

/** Series colours; symbol and dash tell them apart without colour. */
const LOOKS = [
  { colour: '#b24a2b', symbol: 'circle', dash: 'solid' },
  { colour: '#1c6b70', symbol: 'diamond', dash: [7, 4] },
  { colour: '#8a6a00', symbol: 'rect', dash: [2, 3] },
  { colour: '#6b4e9b', symbol: 'triangle', dash: [9, 3, 2, 3] },
] as const

const hasLine = (shape: Shape) => shape !== 'POINTS'
const hasPoints = (shape: Shape) => shape !== 'LINE'

const axisOf = (title: string, scale: ChartScale, vertical: boolean) => {
  const labels = new Map(scale.ticks.map((tick) => [tick.at, tick.label]))
  return {
    type: 'value',
    name: title,
    nameLocation: 'middle',
    nameGap: vertical ? 44 : 32,
    nameTextStyle: { color: INK, fontSize: 12.5 },
    min: scale.least,
    max: scale.most,
    // The core's ticks are even: their distance is that of the first two.
    interval: (scale.ticks[1]?.at ?? scale.most) - (scale.ticks[0]?.at ?? scale.least),
    axisLine: { show: true, lineStyle: { color: INK } },
    axisTick: { show: true, lineStyle: { color: INK } },
    axisLabel: { color: MUTED, fontSize: 12, formatter: (at: number) => labels.get(at) ?? String(at) },
    splitLine: { lineStyle: { color: HAIRLINE } },
  }
}

/** How a chart is drawn. */
export function optionsOf(data: ChartData): EChartsCoreOption {
  return {
    animation: false,
    textStyle: { fontFamily: 'IBM Plex Sans, sans-serif' },
    grid: { left: 64, right: 26, top: data.legend ? 46 : 22, bottom: 54 },
    legend: {
      show: data.legend,
      right: 20,
      top: 8,
      itemGap: 20,
      textStyle: { color: INK, fontSize: 13 },
    },
    tooltip: {
      trigger: 'item',
      borderColor: '#e6ded0',
      textStyle: { color: INK },
      formatter: ({ seriesIndex, dataIndex }: { readonly seriesIndex: number; readonly dataIndex: number }) => {
        const series = data.series[seriesIndex]
        const point = series?.points[dataIndex]
        return point ? `${escaped(series.name)}<br>${escaped(point.acrossText)} → <b>${escaped(point.upText)}</b>` : ''
      },
    },
    xAxis: axisOf(data.across.title, data.across.scale, false),
    yAxis: axisOf(data.up.title, data.up.scale, true),
    series: data.series.map(({ name, shape, points }, index) => {
      const { colour, symbol, dash } = LOOKS[index % LOOKS.length] ?? LOOKS[0]
      return {
        name,
        type: hasLine(shape) ? 'line' : 'scatter',
        data: points.map((point) => [point.across, point.up]),
        symbol: hasPoints(shape) ? symbol : 'none',
        symbolSize: 9,
        connectNulls: false,
        lineStyle: { color: colour, width: 2.2, type: hasPoints(shape) ? dash : 'solid' },
        itemStyle: { color: colour },
      }
    }),
  }
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
