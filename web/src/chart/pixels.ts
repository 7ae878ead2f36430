import type { ECharts } from 'echarts/core'
import type { Chart, ChartData, DataPlace } from '../api/types'

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

/** The pixels of a chart between two axes; null for charts that have none. */
export function pixelsOf(drawn: ECharts, chart: Chart, data: ChartData): Pixels | null {
  if (data.form !== 'PLOT' && data.form !== 'CONTOURS') return null
  const { swapped } = chart
  const { across, up } = data
  const finder = (onRight: boolean) => ({ xAxisIndex: 0, yAxisIndex: onRight && data.right && !swapped ? 1 : 0 })
  const pixel = (place: DataPlace, onRight = false): Pixel | null => {
    const along = across.places ? place.across - 1 : place.across
    const at = drawn.convertToPixel(finder(onRight), swapped ? [place.up, along] : [along, place.up])
    const [x, y] = Array.isArray(at) ? at : []
    return x !== undefined && y !== undefined && Number.isFinite(x) && Number.isFinite(y) ? { x, y } : null
  }
  const end = (which: 'least' | 'most', axis: typeof across) => axis.scale[which]
  const [from, to] = [
    pixel({ across: end('least', across), up: end('least', up) }),
    pixel({ across: end('most', across), up: end('most', up) }),
  ]
  const left = Math.min(from?.x ?? 0, to?.x ?? 0)
  const top = Math.min(from?.y ?? 0, to?.y ?? 0)
  return {
    of: pixel,
    back: ({ x, y }) => {
      const at = drawn.convertFromPixel(finder(false), [x, y])
      const [first, second] = Array.isArray(at) ? at : []
      if (first === undefined || second === undefined) return null
      const [along, height] = swapped ? [second, first] : [first, second]
      return { across: across.places ? along + 1 : along, up: height }
    },
    plot: {
      left,
      top,
      width: Math.abs((to?.x ?? 0) - (from?.x ?? 0)),
      height: Math.abs((to?.y ?? 0) - (from?.y ?? 0)),
    },
  }
}
