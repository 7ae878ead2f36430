import type { ChartData, ChartPoint, DataPlace } from '../api/types'
import { addressOf, atOf } from '../sheet/address'
import { headed, withUnit } from './withUnit'

/** What keys and the pointer find on a chart: a point, a part, a bin, a figure of a box, a value of a table. */
export interface Stop {
  readonly series: number
  /** Where it is between the axes; null where there are none. */
  readonly place: DataPlace | null
  readonly onRight: boolean
  readonly isBar: boolean
  readonly said: () => string
  readonly cell: string | null
}

/** All stops, in lines that are walked along. */
export function stopsOf(data: ChartData): readonly (readonly Stop[])[] {
  if (data.table) return ofTable(data)
  switch (data.form) {
    case 'SHARES':
      return [ofShares(data)]
    case 'HISTOGRAM':
      return ofBins(data)
    case 'BOXES':
      return ofBoxes(data)
    case 'PLOT':
    case 'SURFACE':
    case 'CONTOURS':
    case 'FIELDS':
      return data.series.map((_, index) => ofSeries(data, index))
  }
}

const bare = { onRight: false, isBar: false, cell: null }

const ofSeries = (data: ChartData, index: number): readonly Stop[] =>
  (data.series[index]?.points ?? []).flatMap((point) => stopAt(data, index, point) ?? [])

/** The stop of a point; nothing for a gap. */
export function stopAt(data: ChartData, index: number, point: ChartPoint): Stop | null {
  const series = data.series[index]
  const up = series?.onRight && data.right ? data.right : data.up
  if (!series || point.up === null) return null
  return {
    series: index,
    place: { across: point.across, up: point.up },
    onRight: series.onRight,
    isBar: series.shape === 'BARS',
    said: () => `${series.name}, ${withUnit(point.acrossText, data.across.unit)}: ${withUnit(point.upText, up.unit)}`,
    cell: point.cell,
  }
}

function ofShares({ series }: ChartData): readonly Stop[] {
  const whole = series[0]
  return (whole?.points ?? []).flatMap(({ up, acrossText, upText, cell }, index) =>
    up === null
      ? []
      : { ...bare, series: 0, place: null, said: () => `${acrossText}: ${upText}, ${whole?.share[index] ?? ''}`, cell },
  )
}

function ofBins({ series, bins }: ChartData): readonly (readonly Stop[])[] {
  return (bins?.counts ?? []).map((counts, index) =>
    counts.map((count, bin) => {
      const [from, to] = [bins?.edges[bin], bins?.edges[bin + 1]]
      return {
        ...bare,
        series: index,
        place: { across: ((from?.at ?? 0) + (to?.at ?? 0)) / 2, up: count },
        said: () => `${series[index]?.name}, ${from?.label} to ${to?.label}: ${count}`,
      }
    }),
  )
}

/** The series that have a box: those with a value. */
export const boxed = ({ series }: ChartData) =>
  series.flatMap((each, index) => (each.points.some((point) => point.up !== null) ? index : []))

function ofBoxes(data: ChartData): readonly (readonly Stop[])[] {
  const own = boxed(data)
  return data.boxes.map((box, index) => {
    const series = own[index] ?? 0
    const { name = '', points = [] } = data.series[series] ?? {}
    const figures = [
      ['least', box.least],
      ['lower quartile', box.lower],
      ['median', box.median],
      ['upper quartile', box.upper],
      ['greatest', box.most],
      ...box.farOut.map((value) => ['far out', value] as const),
    ] as const
    return figures.map(([says, { at, label }]) => ({
      ...bare,
      series,
      place: { across: index + 1, up: at },
      said: () => `${name}, ${says}: ${label}`,
      cell: says === 'far out' ? (points.find((point) => point.up === at)?.cell ?? null) : null,
    }))
  })
}

/** Row by row, from the uppermost down. */
function ofTable(data: ChartData): readonly (readonly Stop[])[] {
  const { table } = data
  if (!table) return []
  const first = atOf(table.first)
  const title = table.height.title || data.title
  const rows = table.up.map((up, row) =>
    table.across.flatMap((across, column) =>
      table.values[row]?.[column] === null
        ? []
        : {
            ...bare,
            series: 0,
            place: { across: across.at, up: up.at },
            said: () =>
              `${title}, ${headed(data.across, across)}, ${headed(data.up, up)}: ` + (table.texts[row]?.[column] ?? ''),
            cell: addressOf({ column: first.column + column, row: first.row + row }),
          },
    ),
  )
  const isDownwards = data.form !== 'FIELDS' && (table.up[0]?.at ?? 0) > (table.up[1]?.at ?? 0)
  return isDownwards ? rows : rows.toReversed()
}

/** The stop of a part of a whole or of a value of a surface, as the drawing counts them. */
export function pickedStop(data: ChartData, index: number): Stop | undefined {
  const first = data.table && atOf(data.table.first)
  const columns = data.table?.across.length ?? 1
  const cell = first
    ? addressOf({ column: first.column + (index % columns), row: first.row + Math.floor(index / columns) })
    : data.series[0]?.points[index]?.cell
  return stopsOf(data)
    .flat()
    .find((stop) => stop.cell === cell)
}
