import type { EChartsCoreOption } from 'echarts/core'
import type { Chart, ChartAxis, ChartData, Tick, TwoWay } from '../../api/types'
import { atOf } from '../../sheet/address'
import type { Inks } from '../inks'
import { headed } from '../withUnit'
import type { Turned } from './turned'
import { axisOf, escaped, linesBehind, ringAt, textStyle, tooltipLook } from './axes'

/** A heading without its unit, where that is the one which the title of its axis tells: `1.5 kg` ends with `g` as well. */
function bareHead({ unit }: ChartAxis, { label }: Tick): string {
  const number = label.slice(0, label.length - unit.length)
  return unit !== '' && label.endsWith(unit) && /[\d\s]$/.test(number) ? number.trim() : label
}

const ends = ({ height }: TwoWay) => [height.scale.ticks.at(-1)?.label ?? '', height.scale.ticks[0]?.label ?? '']

const ramp = (table: TwoWay, inks: Inks) => ({
  min: table.height.scale.least,
  max: table.height.scale.most,
  calculable: false,
  inRange: { color: [...inks.ramp] },
  text: ends(table),
  seriesIndex: 0,
  textStyle: { color: inks.muted, fontSize: 12 },
  itemWidth: 12,
  itemHeight: 180,
  right: 10,
  top: 'middle',
})

const inWords = (data: ChartData, table: TwoWay, column: number, row: number) =>
  `${escaped(headed(data.across, table.across[column]))}, ${escaped(headed(data.up, table.up[row]))} → ` +
  `<b>${escaped(table.texts[row]?.[column] ?? '')}</b>`

/** The fields whose cells are selected, as column and row. */
function chosenFields(table: TwoWay, chosen: ReadonlySet<string>): readonly (readonly [number, number])[] {
  const first = atOf(table.first)
  return [...chosen].map((cell) => {
    const at = atOf(cell)
    return [at.column - first.column, at.row - first.row] as const
  })
}

/** A two-way table as coloured fields. */
export function fieldsOptions(
  chart: Chart,
  data: ChartData,
  table: TwoWay,
  inks: Inks,
  chosen: ReadonlySet<string>,
): EChartsCoreOption {
  const category = (axis: ChartAxis, heads: readonly Tick[], isVertical: boolean) => ({
    ...axisOf(
      {
        ...axis,
        places: true,
        scale: { ...axis.scale, ticks: heads.map((head) => ({ at: head.at, label: bareHead(axis, head) })) },
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
        label: {
          show: chart.series[0]?.look.labels ?? false,
          color: inks.ink,
          textBorderColor: inks.block, // read on dark fields as well
          textBorderWidth: 3,
          formatter: ({ value: [column, row] }: { readonly value: readonly [number, number] }) =>
            table.texts[row]?.[column] ?? '',
        },
        labelLayout: { hideOverlap: true },
      },
      { id: 'chosen', ...ringAt(chosenFields(table, chosen), inks) },
    ],
  }
}

/** A two-way table as lines of equal value. */
export function contoursOptions(
  chart: Chart,
  data: ChartData,
  table: TwoWay,
  inks: Inks,
  chosen: ReadonlySet<string>,
): EChartsCoreOption {
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
    // Lines go on between things without a size.
    xAxis: axisOf({ ...data.across, places: false }, inks, { isVertical: false }),
    yAxis: axisOf({ ...data.up, places: false }, inks, { isVertical: true }),
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
      {
        id: 'chosen',
        ...ringAt(
          chosenFields(table, chosen).map(([column, row]) => [
            table.across[column]?.at ?? null,
            table.up[row]?.at ?? null,
          ]),
          inks,
        ),
      },
    ],
  }
}

/** How far labels are from their axis: where two axes meet, theirs must not. */
const NEAR = 8
const FAR = 20

/** How far a mark floats over the surface, which would hide half of it. */
const ABOVE = 0.06

/** A two-way table as a surface in space, turned by dragging. */
export function surfaceOptions(
  data: ChartData,
  table: TwoWay,
  inks: Inks,
  turned: Turned,
  chosen: ReadonlySet<string>,
): EChartsCoreOption {
  const axis = ({ title, scale: { least, most, ticks } }: ChartAxis, gap: number) => {
    // It begins and ends at a tick; months are not even, and a day or two is not seen here.
    const interval = (most - least) / Math.max(1, ticks.length - 1)
    return {
      type: 'value',
      name: title,
      nameGap: 18 + gap,
      min: least,
      max: most,
      interval,
      nameTextStyle: { color: inks.ink, fontSize: 14, lineHeight: 22, fontFamily: 'IBM Plex Sans' },
      axisLabel: {
        margin: gap,
        formatter: (at: number) => ticks.find((tick) => Math.abs(tick.at - at) < interval / 8)?.label ?? '',
        textStyle: { color: inks.muted, fontSize: 13, lineHeight: 20, fontFamily: 'IBM Plex Sans' },
      },
      axisLine: { lineStyle: { color: inks.ink } },
      splitLine: { lineStyle: { color: inks.hairline } },
    }
  }
  const field = (column: number, row: number, raised: number): readonly number[] => [
    table.across[column]?.at ?? Number.NaN,
    table.up[row]?.at ?? Number.NaN,
    (table.values[row]?.[column] ?? Number.NaN) + raised,
  ]
  const { least, most } = table.height.scale
  const above = (most - least) * ABOVE
  return {
    animation: false,
    textStyle,
    visualMap: { ...ramp(table, inks), dimension: 2 },
    tooltip: {
      ...tooltipLook(inks),
      formatter: ({ dataIndex }: { readonly dataIndex: number }) =>
        inWords(data, table, dataIndex % table.across.length, Math.floor(dataIndex / table.across.length)),
    },
    xAxis3D: axis(data.across, NEAR),
    yAxis3D: axis(data.up, NEAR),
    zAxis3D: axis(table.height, FAR),
    grid3D: {
      boxWidth: 110,
      boxDepth: 90,
      boxHeight: 60,
      viewControl: { ...turned, autoRotate: false, animation: false },
      light: { main: { intensity: 0.85, shadow: false, alpha: 40, beta: 30 }, ambient: { intensity: 0.45 } },
    },
    series: [
      {
        type: 'surface',
        shading: 'lambert',
        wireframe: { show: true, lineStyle: { color: inks.block, opacity: 0.35, width: 1 } },
        data: table.up.flatMap((_, row) => table.across.map((__, column) => field(column, row, 0))),
        dataShape: [table.up.length, table.across.length],
      },
      {
        id: 'chosen',
        type: 'scatter3D',
        silent: true,
        symbolSize: 15,
        itemStyle: { color: inks.block, borderColor: inks.ink, borderWidth: 3, opacity: 1 },
        data: chosenFields(table, chosen)
          .map(([column, row]) => field(column, row, above))
          .filter((place) => !place.some(Number.isNaN)),
      },
    ],
  }
}
