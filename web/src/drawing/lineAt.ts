import type { ChartData, ChartPoint } from '../api/types'
import type { Pixel, Pixels } from './pixels'
import { stopAt, type Stop } from '../chart/stops'

/** A line is met so near, in pixels. */
const NEAR = 8

/**
 * What a pointer is told of a line without markers, which the drawing library does not tell: the point at the nearer end
 * of the piece of a line that it is over.
 */
export function lineAt(data: ChartData, pixels: Pixels, at: Pixel): Stop | null {
  const sides = [-NEAR, NEAR].map((away) => pixels.back({ x: at.x + away, y: at.y + away })?.across ?? Number.NaN)
  const [from, to] = [Math.min(...sides), Math.max(...sides)]
  let distance = NEAR
  let best: Stop | null = null
  for (const { index, points, isFit, isSteps, onRight } of linesOf(data)) {
    const pixelOf = ({ across, up }: ChartPoint) => (up === null ? null : pixels.of({ across, up }, onRight))
    points.forEach((point, place) => {
      const next = points[place + 1]
      if (!next || Math.max(point.across, next.across) < from || Math.min(point.across, next.across) > to) return
      const [start, end] = [pixelOf(point), pixelOf(next)]
      if (!start || !end) return
      const corner = isSteps ? { x: end.x, y: start.y } : end
      const far = Math.min(away(at, start, corner), away(at, corner, end))
      if (far >= distance) return
      distance = far
      const isNext = Math.hypot(at.x - end.x, at.y - end.y) < Math.hypot(at.x - start.x, at.y - start.y)
      const stop = stopAt(data, index, isNext ? next : point)
      best = stop && isFit ? { ...stop, said: () => `fit of ${stop.said()}` } : stop
    })
  }
  return best
}

/** The series that are lines without markers, and the fits. */
const linesOf = (data: ChartData) =>
  data.series.flatMap(({ shape, points, fit, onRight }, index) => [
    ...(shape === 'LINE' || shape === 'STEPS'
      ? [{ index, points, isFit: false, isSteps: shape === 'STEPS', onRight }]
      : []),
    ...(fit ? [{ index, points: fit.curve, isFit: true, isSteps: false, onRight }] : []),
  ])

/** How far a place is from a straight piece. */
function away(at: Pixel, start: Pixel, end: Pixel): number {
  const [x, y] = [end.x - start.x, end.y - start.y]
  const length = x * x + y * y
  const part = length === 0 ? 0 : ((at.x - start.x) * x + (at.y - start.y) * y) / length
  const along = Math.max(0, Math.min(1, part))
  return Math.hypot(at.x - start.x - along * x, at.y - start.y - along * y)
}
