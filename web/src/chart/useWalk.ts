import { useState, type KeyboardEvent } from 'react'
import type { ChartData, ChartPoint, ChartWindow } from '../api/types'
import { withUnit } from './withUnit'
import { canZoom, moved, windowOf, zoomed } from './usePointer'

interface Wanted {
  readonly data: ChartData
  readonly window: ChartWindow | null
  readonly onWindow: (window: ChartWindow | null) => void
  readonly onPoints: (series: number, points: readonly ChartPoint[]) => void
}

/** Where the keyboard is on a chart. */
export interface Step {
  readonly series: number
  readonly index: number
}

const ZOOM = 1.25
const MOVE = 0.1

/** Walks through the points of a chart by keys, and tells each; + and − zoom, 0 shows all, Enter goes to the cell. */
export function useWalk({ data, window, onWindow, onPoints }: Wanted) {
  const [step, setStep] = useState<Step | null>(null)
  const pointAt = ({ series, index }: Step) => data.series[series]?.points[index]
  const walked = step && pointAt(step)

  /** The next point with a value. */
  const along = (from: Step | null, by: number): Step | null => {
    const series = from?.series ?? 0
    const points = data.series[series]?.points ?? []
    let index = from ? from.index + by : by > 0 ? 0 : points.length - 1
    while (points[index] && points[index]?.up === null) index += by
    return points[index] ? { series, index } : from
  }

  const other = (from: Step | null, by: number): Step | null => {
    if (!from) return along(null, 1)
    const series = (from.series + by + data.series.length) % data.series.length
    const here = pointAt(from)
    const points = data.series[series]?.points ?? []
    const away = (at: number) => Math.abs((points[at]?.across ?? 0) - (here?.across ?? 0))
    // The point with a value that stands nearest across.
    const [index] = [...points.keys()].filter((at) => points[at]?.up !== null).toSorted((a, b) => away(a) - away(b))
    return index === undefined ? from : { series, index }
  }

  const zoom = (by: number) => {
    const seen = window ?? windowOf(data)
    if (canZoom(data)) onWindow(zoomed(seen, by, (seen.from + seen.to) / 2, (seen.low + seen.high) / 2))
  }
  const shift = (across: number, up: number) => {
    if (window)
      onWindow(moved(window, across * MOVE * (window.to - window.from), up * MOVE * (window.high - window.low)))
  }

  const acts: Readonly<Record<string, () => void>> = {
    ArrowRight: () => setStep((now) => along(now, 1)),
    ArrowLeft: () => setStep((now) => along(now, -1)),
    ArrowDown: () => setStep((now) => other(now, 1)),
    ArrowUp: () => setStep((now) => other(now, -1)),
    Home: () => setStep((now) => along({ series: now?.series ?? 0, index: -1 }, 1)),
    End: () =>
      setStep((now) =>
        along({ series: now?.series ?? 0, index: data.series[now?.series ?? 0]?.points.length ?? 0 }, -1),
      ),
    Enter: () => {
      if (step && walked) onPoints(step.series, [walked])
    },
    '+': () => zoom(1 / ZOOM),
    '-': () => zoom(ZOOM),
    '0': () => onWindow(null),
    'Shift ArrowRight': () => shift(1, 0),
    'Shift ArrowLeft': () => shift(-1, 0),
    'Shift ArrowUp': () => shift(0, 1),
    'Shift ArrowDown': () => shift(0, -1),
  }

  const series = step ? data.series[step.series] : undefined
  const up = series?.onRight && data.right ? data.right : data.up
  return {
    step: walked ? step : null,
    said:
      series && walked
        ? `${series.name}, ${withUnit(walked.acrossText, data.across.unit)}: ${withUnit(walked.upText, up.unit)}`
        : '',
    leave: () => setStep(null),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.ctrlKey || event.altKey || event.metaKey || event.target !== event.currentTarget) return
      const act = acts[event.shiftKey && event.key.startsWith('Arrow') ? `Shift ${event.key}` : event.key]
      if (!act) return
      event.preventDefault()
      event.stopPropagation()
      act()
    },
  }
}
