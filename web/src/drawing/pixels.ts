import type { ECharts } from 'echarts/core'
import type { Chart, ChartData, DataPlace } from '../api/types'
import { alongOf, type Along } from '../chart/along'

/** A place on the drawing, in pixels from its upper left corner. */
export interface Pixel {
  readonly x: number
  readonly y: number
}

/** Between places in the data and pixels, as the chart is drawn now. */
export interface Pixels {
  readonly of: (place: DataPlace, onRight?: boolean) => Pixel | null
  readonly back: (pixel: Pixel) => DataPlace | null
  /** The rectangle between the axes. */
  readonly plot: { readonly left: number; readonly top: number; readonly width: number; readonly height: number }
}

/** Whether places in the data of a chart stand somewhere between two axes. */
export const hasPlaces = ({ form }: Pick<ChartData, 'form'>) => form !== 'SHARES' && form !== 'SURFACE'

/** The pixels of a chart between two axes; null for charts that have none. */
export function pixelsOf(drawn: ECharts, chart: Chart, data: ChartData): Pixels | null {
  if (!hasPlaces(data)) return null
  const swapped = chart.swapped && data.form === 'PLOT'
  const across = alongOf(data.form, data.across, data.table?.across)
  const up = alongOf(data.form, data.up, data.table?.up)
  const finder = (onRight: boolean) => {
    const second = onRight && data.right ? 1 : 0
    return swapped ? { xAxisIndex: second, yAxisIndex: 0 } : { xAxisIndex: 0, yAxisIndex: second }
  }
  const drawnAt = (along: number, height: number, onRight = false): Pixel | null => {
    const at = drawn.convertToPixel(finder(onRight), swapped ? [height, along] : [along, height])
    const [x, y] = Array.isArray(at) ? at : []
    return x !== undefined && y !== undefined && Number.isFinite(x) && Number.isFinite(y) ? { x, y } : null
  }
  const [acrossBand, upBand] = [
    bandOf(across, swapped ? 'y' : 'x', (at) => drawnAt(at, up.count > 0 ? 0 : up.ends[0])),
    bandOf(up, swapped ? 'x' : 'y', (at) => drawnAt(across.count > 0 ? 0 : across.ends[0], at)),
  ]
  const pixel = (along: number, height: number, onRight = false): Pixel | null => {
    const at = drawnAt(acrossBand ? 0 : along, upBand ? 0 : height, onRight)
    return at && { ...at, ...acrossBand?.at(along), ...upBand?.at(height) }
  }
  const [from, to] = [pixel(across.ends[0], up.ends[0]), pixel(across.ends[1], up.ends[1])]
  const left = Math.min(from?.x ?? 0, to?.x ?? 0)
  const top = Math.min(from?.y ?? 0, to?.y ?? 0)
  return {
    of: (place, onRight) => pixel(across.to(place.across), up.to(place.up), onRight),
    back: (at) => {
      const place = drawn.convertFromPixel(finder(false), [at.x, at.y])
      const [first, second] = Array.isArray(place) ? place : []
      if (first === undefined || second === undefined) return null
      const [along, height] = swapped ? [second, first] : [first, second]
      return { across: across.from(acrossBand?.back(at) ?? along), up: up.from(upBand?.back(at) ?? height) }
    },
    plot: {
      left,
      top,
      width: Math.abs((to?.x ?? 0) - (from?.x ?? 0)),
      height: Math.abs((to?.y ?? 0) - (from?.y ?? 0)),
    },
  }
}

/** Things that are counted stand evenly; the drawing library knows only where each is, and nothing between them. */
function bandOf(along: Along, side: 'x' | 'y', drawnAt: (index: number) => Pixel | null) {
  if (along.count === 0) return null
  const first = drawnAt(0)?.[side] ?? 0
  // One alone has the room on both its sides.
  const size = along.count > 1 ? (drawnAt(1)?.[side] ?? 0) - first : first
  return {
    at: (index: number) => ({ [side]: first + index * size }),
    back: (pixel: Pixel) => (pixel[side] - first) / size,
  }
}
