import type { Chart, ChartData, DataPlace, Mark } from '../api/types'

export type MarkKind = Mark['kind']

/** An arrow comes from so far away, as parts of the axes. */
const AWAY_ACROSS = 0.15
const AWAY_UP = 0.2

type Axis = ChartData['across']

const partOf = ({ scale }: Axis, part: number) => scale.least + (scale.most - scale.least) * part

/** The middle between the axes. */
export const middleOf = ({ across, up }: ChartData): DataPlace => ({ across: partOf(across, 0.5), up: partOf(up, 0.5) })

/** The curve that a tangent touches: the first. */
export const curveOf = (chart: Chart): string | null =>
  chart.series.find((series) => series.source.of === 'curve')?.id ?? null

/** So far further along an axis, or back where it would end. */
function away(axis: Axis, from: number, part: number): number {
  const far = from + (axis.scale.most - axis.scale.least) * part
  return far > axis.scale.most ? from - (far - from) : far
}

/** A new mark at a place; null for a tangent where there is no curve. */
export function markAt(kind: MarkKind, place: DataPlace, chart: Chart, { across, up }: ChartData): Mark | null {
  const curve = curveOf(chart)
  switch (kind) {
    case 'label':
      return { kind, ...place, text: 'label' }
    case 'formula':
      return { kind, ...place, text: 'y = x^2' }
    case 'arrow':
      return {
        kind,
        ...place,
        fromAcross: away(across, place.across, AWAY_ACROSS),
        fromUp: away(up, place.up, AWAY_UP),
        text: 'here',
      }
    case 'tangent':
      return curve === null ? null : { kind, series: curve, across: place.across }
  }
}
