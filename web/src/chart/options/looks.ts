import type { Dash, DrawnSeries, Marker } from '../../api/types'
import type { Inks } from '../inks'
import { COLOURS } from '../settings'

const MARKS = ['circle', 'diamond', 'rect', 'triangle'] as const

/** Two bars across each other. */
const CROSS = 'path://M-5,-3.6L-3.6,-5L0,-1.4L3.6,-5L5,-3.6L1.4,0L5,3.6L3.6,5L0,1.4L-3.6,5L-5,3.6L-1.4,0Z'

const DASHES = ['solid', [7, 4], [2, 3], [9, 3, 2, 3]] as const

const markers: Readonly<Record<Marker, string | null>> = {
  USUAL: null,
  CIRCLE: 'circle',
  SQUARE: 'rect',
  DIAMOND: 'diamond',
  TRIANGLE: 'triangle',
  CROSS,
}

const dashes: Readonly<Record<Dash, string | readonly number[] | null>> = {
  USUAL: null,
  WHOLE: 'solid',
  DASHED: [7, 4],
  DOTTED: [2, 3],
  DASH_AND_DOT: [9, 3, 2, 3],
}

const LINE_WIDTH = 2.2
const MARKER_SIZE = 9

/**
 * How a series is drawn: what was chosen for it, or else what its place gives.
 *
 * `lines` is how many series before it are lines without markers.
 */
export function lookOf({ look, shape }: DrawnSeries, index: number, { series, block }: Inks, lines = 0) {
  const named = COLOURS.findIndex((name) => name === look.colour)
  const colour = look.colour.startsWith('#') ? look.colour : (series[named < 0 ? index % series.length : named] ?? '')
  const hasLine = shape !== 'POINTS' && shape !== 'BARS'
  const hasPoints = shape === 'POINTS' || shape === 'POINTS_AND_LINE'
  return {
    colour,
    hasLine,
    hasPoints,
    symbol: markers[look.marker] ?? MARKS[index % MARKS.length] ?? 'circle',
    symbolSize: look.size || MARKER_SIZE,
    itemStyle: look.hollow ? { color: block, borderColor: colour, borderWidth: 2 } : { color: colour },
    lineStyle: {
      color: colour,
      width: look.width || LINE_WIDTH,
      type: dashes[look.dash] ?? (hasPoints ? 'solid' : (DASHES[lines % DASHES.length] ?? 'solid')),
    },
  }
}
