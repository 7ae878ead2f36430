import type { EChartsCoreOption } from 'echarts/core'
import type { Chart, ChartData } from '../../api/types'
import type { Inks } from '../inks'
import { boxed } from '../stops'
import { axisOf, escaped, legendOf, linesBehind, ringAt, textStyle, tooltipLook } from './axes'
import { lookOf } from './looks'

/** The parts of a whole. */
export function sharesOptions(
  chart: Chart,
  data: ChartData,
  inks: Inks,
  chosen: ReadonlySet<string>,
): EChartsCoreOption {
  const series = data.series[0]
  const parts = (series?.points ?? []).map((point, index) => ({
    name: point.acrossText,
    value: point.up ?? 0,
    share: series?.share[index] ?? '',
    text: point.upText,
    ...(point.cell !== null && chosen.has(point.cell) ? { itemStyle: { borderColor: inks.clay, borderWidth: 4 } } : {}),
  }))
  const { legend } = legendOf(
    chart.legend,
    parts.map(({ name }) => ({ name })),
    inks,
  )
  return {
    animation: false,
    textStyle,
    legend,
    color: [...inks.series],
    aria: { enabled: true, label: { enabled: false }, decal: { show: true } },
    tooltip: {
      ...tooltipLook(inks),
      trigger: 'item',
      formatter: ({ dataIndex }: { readonly dataIndex: number }) => {
        const part = parts[dataIndex]
        return part ? `${escaped(part.name)}<br><b>${escaped(part.text)}</b> ${escaped(part.share)}` : ''
      },
    },
    series: [
      {
        id: 'series-0',
        type: 'pie',
        radius: ['0%', '68%'],
        center: ['50%', '54%'],
        startAngle: 90,
        data: parts,
        itemStyle: { borderColor: inks.block, borderWidth: 2 },
        label: {
          color: inks.ink,
          fontSize: 13,
          formatter: ({ dataIndex }: { readonly dataIndex: number }) =>
            `${parts[dataIndex]?.name ?? ''}  ${parts[dataIndex]?.share ?? ''}`,
        },
        labelLine: { lineStyle: { color: inks.muted } },
      },
    ],
  }
}

interface Api {
  /** The pattern that tells it from others without colour. */
  readonly visual: (which: 'decal') => object | undefined
  readonly value: (index: number) => number
  readonly coord: (at: readonly number[]) => readonly [number, number]
  readonly size: (by: readonly number[]) => readonly [number, number]
}

/** How many values lie between equal steps. */
export function histogramOptions(chart: Chart, data: ChartData, inks: Inks): EChartsCoreOption {
  const { legend, room } = legendOf(
    chart.legend,
    data.series.map(({ name }) => ({ name })),
    inks,
  )
  const edges = data.bins?.edges ?? []
  const several = data.series.length > 1
  return {
    animation: false,
    textStyle,
    aria: { enabled: true, label: { enabled: false }, decal: { show: several } },
    grid: { left: 68, ...room },
    legend,
    tooltip: {
      ...tooltipLook(inks),
      trigger: 'item',
      formatter: ({ seriesIndex, dataIndex }: { readonly seriesIndex: number; readonly dataIndex: number }) => {
        const index = chart.lines ? seriesIndex - 1 : seriesIndex
        const count = data.bins?.counts[index]?.[dataIndex]
        return count === undefined
          ? ''
          : `${escaped(data.series[index]?.name ?? '')}<br>${escaped(edges[dataIndex]?.label ?? '')} to ${escaped(edges[dataIndex + 1]?.label ?? '')}: <b>${count}</b>`
      },
    },
    xAxis: axisOf(data.across, inks, { isVertical: false }),
    yAxis: axisOf(data.up, inks, { isVertical: true }),
    series: [
      ...(chart.lines ? [linesBehind(data.across, data.up, inks, false)] : []),
      ...data.series.map((series, index) => {
        const look = lookOf(series, index, inks)
        return {
          id: `series-${index}`,
          name: series.name,
          type: 'custom',
          clip: true,
          itemStyle: { color: look.colour },
          data: (data.bins?.counts[index] ?? []).map((count, bin) => [
            edges[bin]?.at ?? 0,
            edges[bin + 1]?.at ?? 0,
            count,
          ]),
          renderItem: (_: unknown, api: Api) => {
            const [left, top] = api.coord([api.value(0), api.value(2)])
            const [right, bottom] = api.coord([api.value(1), 0])
            return {
              type: 'rect',
              shape: { x: left, y: top, width: right - left, height: bottom - top },
              style: {
                decal: api.visual('decal'),
                fill: look.colour,
                opacity: several ? 0.55 : 0.85,
                stroke: inks.block,
                lineWidth: 1,
              },
            }
          },
          z: 3,
        }
      }),
    ],
  }
}

/** Least, quartiles and greatest of each series. */
export function boxesOptions(
  chart: Chart,
  data: ChartData,
  inks: Inks,
  chosen: ReadonlySet<string>,
): EChartsCoreOption {
  const farOut = data.boxes.flatMap((box) => box.farOut)
  const colours = boxed(data).flatMap((index) => {
    const series = data.series[index]
    return series ? lookOf(series, index, inks).colour : []
  })
  return {
    animation: false,
    textStyle,
    grid: { left: 68, top: 18, right: 24, bottom: 54 },
    tooltip: {
      ...tooltipLook(inks),
      trigger: 'item',
      formatter: ({ dataIndex, seriesId }: { readonly dataIndex: number; readonly seriesId: string }) => {
        if (seriesId === 'far-out') return escaped(farOut[dataIndex]?.label ?? '')
        const box = data.boxes[dataIndex]
        if (!box || seriesId !== 'boxes') return ''
        const name = data.across.scale.ticks[dataIndex]?.label ?? ''
        const [least, lower, median, upper, most] = [box.least, box.lower, box.median, box.upper, box.most].map(
          ({ label }) => escaped(label),
        )
        return `${escaped(name)}<br>least ${least}, quartiles ${lower}, <b>${median}</b>, ${upper}, greatest ${most}`
      },
    },
    xAxis: axisOf(data.across, inks, { isVertical: false }),
    yAxis: axisOf(data.up, inks, { isVertical: true }),
    series: [
      ...(chart.lines ? [linesBehind(data.across, data.up, inks, false)] : []),
      {
        id: 'boxes',
        type: 'boxplot',
        data: data.boxes.map((box, index) => ({
          // Where all beyond a quartile is far out, its whisker has no length.
          value: [
            Math.min(box.least.at, box.lower.at),
            box.lower.at,
            box.median.at,
            box.upper.at,
            Math.max(box.most.at, box.upper.at),
          ],
          itemStyle: {
            color: inks.block,
            borderColor: colours[index] ?? inks.ink,
            borderWidth: 2,
          },
        })),
        boxWidth: [20, 80],
        z: 3,
      },
      {
        id: 'far-out',
        type: 'scatter',
        symbolSize: 7,
        data: data.boxes.flatMap((box, index) => box.farOut.map(({ at }) => [index, at])),
        itemStyle: { color: inks.clay },
        z: 4,
      },
      {
        id: 'chosen',
        ...ringAt(
          boxed(data).flatMap((series, index) =>
            (data.series[series]?.points ?? []).flatMap(({ cell, up }) =>
              cell !== null && chosen.has(cell) && up !== null ? [[index, up]] : [],
            ),
          ),
          inks,
        ),
      },
    ],
  }
}
