import type { EChartsCoreOption } from 'echarts/core'
import type { Chart, ChartAxis, ChartData, TwoWay } from '../../api/types'
import type { Inks } from '../inks'
import { axisOf, escaped, linesBehind, textStyle, tooltipLook } from './axes'

const labelOf = (axis: ChartAxis, at: number) => (axis.places ? (axis.scale.ticks[at - 1]?.label ?? '') : String(at))

const ends = ({ height }: TwoWay) => [height.scale.ticks.at(-1)?.label ?? '', height.scale.ticks[0]?.label ?? '']

const ramp = (table: TwoWay, inks: Inks) => ({
  min: table.height.scale.least,
  max: table.height.scale.most,
  calculable: false,
  inRange: { color: [...inks.ramp] },
  text: ends(table),
  textStyle: { color: inks.muted, fontSize: 12 },
  itemWidth: 12,
  itemHeight: 180,
  right: 10,
  top: 'middle',
})

const inWords = (data: ChartData, table: TwoWay, column: number, row: number) =>
  `${escaped(labelOf(data.across, table.across[column] ?? 0))} ${escaped(data.across.unit)}, ` +
  `${escaped(labelOf(data.up, table.up[row] ?? 0))} ${escaped(data.up.unit)} → ` +
  `<b>${escaped(table.texts[row]?.[column] ?? '')}</b>`

/** A two-way table as coloured fields. */
export function fieldsOptions(data: ChartData, table: TwoWay, inks: Inks): EChartsCoreOption {
  const category = (axis: ChartAxis, values: readonly number[], isVertical: boolean) => ({
    ...axisOf(
      {
        ...axis,
        places: true,
        scale: { ...axis.scale, ticks: values.map((at) => ({ at, label: labelOf(axis, at) })) },
      },
      inks,
      { isVertical },
    ),
    inverse: false,
  })
  return {
    animation: false,
    textStyle,
    grid: { left: 78, top: 18, right: 92, bottom: 54 },
    xAxis: category(data.across, table.across, false),
    yAxis: category(data.up, table.up, true),
    visualMap: ramp(table, inks),
    tooltip: {
      ...tooltipLook(inks),
      formatter: ({ value }: { readonly value: readonly [number, number] }) => inWords(data, table, value[0], value[1]),
    },
    series: [
      {
        id: 'fields',
        type: 'heatmap',
        data: table.values.flatMap((cells, row) =>
          cells.flatMap((value, column) => (value === null ? [] : [[column, row, value]])),
        ),
        itemStyle: { borderColor: inks.block, borderWidth: 1 },
      },
    ],
  }
}

/** A two-way table as lines of equal value. */
export function contoursOptions(chart: Chart, data: ChartData, table: TwoWay, inks: Inks): EChartsCoreOption {
  const { least, most } = table.height.scale
  const colourOf = (level: number) => {
    // The palest would not be seen on white.
    const part = (level - least) / (most - least || 1)
    return inks.ramp[Math.min(inks.ramp.length - 1, 1 + Math.floor(part * (inks.ramp.length - 1)))] ?? inks.ink
  }
  return {
    animation: false,
    textStyle,
    grid: { left: 68, top: 24, right: 56, bottom: 54 },
    xAxis: axisOf(data.across, inks, { isVertical: false }),
    yAxis: axisOf(data.up, inks, { isVertical: true }),
    tooltip: {
      ...tooltipLook(inks),
      trigger: 'item',
      formatter: ({ seriesName }: { readonly seriesName: string }) => escaped(seriesName),
    },
    series: [
      ...(chart.lines ? [linesBehind(data.across, data.up, inks, false)] : []),
      ...table.contours.map((contour, index) => ({
        id: `contour-${index}`,
        name: `${table.height.title} ${contour.label}`.trim(),
        type: 'line',
        data: contour.places.map((place) => [place.across, place.up]),
        symbol: 'none',
        lineStyle: { width: 2, color: colourOf(contour.level), type: 'solid' },
        itemStyle: { color: colourOf(contour.level) },
        endLabel: { show: true, formatter: contour.label, color: inks.ink, fontSize: 12 },
        labelLayout: { hideOverlap: true },
        z: 3,
      })),
    ],
  }
}

/** How far labels are from their axis: where two axes meet, theirs must not. */
const NEAR = 8
const FAR = 20

/** A two-way table as a surface in space, turned by dragging. */
export function surfaceOptions(
  data: ChartData,
  table: TwoWay,
  inks: Inks,
  turned: { readonly alpha: number; readonly beta: number },
): EChartsCoreOption {
  const axis = ({ title, scale }: ChartAxis, gap: number) => ({
    type: 'value',
    name: title,
    nameGap: 18 + gap,
    min: scale.least,
    max: scale.most,
    nameTextStyle: { color: inks.ink, fontSize: 14, lineHeight: 22, fontFamily: 'IBM Plex Sans' },
    axisLabel: {
      margin: gap,
      formatter: (at: number) => scale.ticks.find((tick) => Math.abs(tick.at - at) < 1e-9)?.label ?? String(at),
      textStyle: { color: inks.muted, fontSize: 13, lineHeight: 20, fontFamily: 'IBM Plex Sans' },
    },
    axisLine: { lineStyle: { color: inks.ink } },
    splitLine: { lineStyle: { color: inks.hairline } },
  })
  return {
    animation: false,
    textStyle,
    visualMap: { ...ramp(table, inks), dimension: 2 },
    tooltip: {
      ...tooltipLook(inks),
      formatter: ({ value }: { readonly value: readonly [number, number, number] }) =>
        inWords(data, table, table.across.indexOf(value[0]), table.up.indexOf(value[1])),
    },
    xAxis3D: axis(data.across, NEAR),
    yAxis3D: axis(data.up, NEAR),
    zAxis3D: axis(table.height, FAR),
    grid3D: {
      boxWidth: 110,
      boxDepth: 90,
      boxHeight: 60,
      viewControl: { ...turned, distance: 190, autoRotate: false, animation: false },
      light: { main: { intensity: 0.85, shadow: false, alpha: 40, beta: 30 }, ambient: { intensity: 0.45 } },
    },
    series: [
      {
        type: 'surface',
        shading: 'lambert',
        wireframe: { show: true, lineStyle: { color: inks.block, opacity: 0.35, width: 1 } },
        data: table.up.flatMap((up, row) =>
          table.across.map((across, column) => [across, up, table.values[row]?.[column] ?? Number.NaN]),
        ),
        dataShape: [table.up.length, table.across.length],
      },
    ],
  }
}
