import { useState, type KeyboardEvent } from 'react'
import type { ChartData, ChartWindow } from '../api/types'
import { stopsOf, type Stop } from '../chart/stops'
import { canZoom, moved, windowOf, zoomed } from './usePointer'

interface Wanted {
  readonly data: ChartData
  readonly window: ChartWindow | null
  readonly onWindow: (window: ChartWindow | null) => void
  readonly onStops: (stops: readonly Stop[]) => void
}

/** Where the keyboard is on a chart. */
interface Step {
  readonly line: number
  readonly index: number
}

const ZOOM = 1.25
const MOVE = 0.1

/** What the keys do on a chart. */
export function keysOf(data: ChartData): string {
  const walks = 'Arrow keys walk through'
  switch (data.form) {
    case 'SURFACE':
      return 'Arrow keys turn it, with Shift they walk through the values. Enter goes to the cell.'
    case 'CONTOURS':
    case 'FIELDS':
      return `${walks} the values, Enter goes to the cell.`
    case 'SHARES':
      return `${walks} the parts, Enter goes to the cell.`
    case 'HISTOGRAM':
      return `${walks} the bins.`
    case 'BOXES':
      return `${walks} the quartiles and the ends of each box.`
    case 'PLOT':
      return canZoom(data)
        ? `${walks} the points, plus and minus zoom, 0 shows all, Enter goes to the cell.`
        : `${walks} the points, Enter goes to the cell.`
  }
}

/** Walks through what is on a chart by keys, and tells each; + and − zoom, 0 shows all, Enter goes to the cell. */
export function useWalk({ data, window, onWindow, onStops }: Wanted) {
  const [step, setStep] = useState<Step | null>(null)
  const lines = () => stopsOf(data)
  // Only while somebody walks.
  const stop = step ? lines()[step.line]?.[step.index] : undefined

  /** A stop further on in its line; a walk begins at an end. */
  const along = (from: Step | null, by: number): Step | null => {
    const stops = lines()
    const line = from?.line ?? stops.findIndex(({ length }) => length > 0)
    const index = from ? from.index + by : by > 0 ? 0 : (stops[line]?.length ?? 0) - 1
    return stops[line]?.[index] ? { line, index } : from
  }

  const end = (from: Step | null, by: 1 | -1): Step | null => {
    const line = from?.line ?? 0
    return along({ line, index: by > 0 ? -1 : (lines()[line]?.length ?? 0) }, by)
  }

  /** The stop that stands nearest across in another line that has some. */
  const other = (from: Step | null, by: number): Step | null => {
    if (!from) return along(null, 1)
    const stops = lines()
    const here = stops[from.line]?.[from.index]?.place?.across ?? 0
    const away = (stop: Stop | undefined) => Math.abs((stop?.place?.across ?? 0) - here)
    for (let on = 1; on <= stops.length; on++) {
      const line = (((from.line + on * by) % stops.length) + stops.length) % stops.length
      const own = stops[line] ?? []
      const [index] = [...own.keys()].toSorted((a, b) => away(own[a]) - away(own[b]))
      if (index !== undefined) return { line, index }
    }
    return from
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
    Home: () => setStep((now) => end(now, 1)),
    End: () => setStep((now) => end(now, -1)),
    Enter: () => {
      if (stop) onStops([stop])
    },
    '+': () => zoom(1 / ZOOM),
    '-': () => zoom(ZOOM),
    '0': () => onWindow(null),
    'Shift ArrowRight': () => shift(1, 0),
    'Shift ArrowLeft': () => shift(-1, 0),
    'Shift ArrowUp': () => shift(0, 1),
    'Shift ArrowDown': () => shift(0, -1),
  }

  return {
    stop: stop ?? null,
    leave: () => setStep(null),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.ctrlKey || event.altKey || event.metaKey || event.target !== event.currentTarget) return
      const shifts = event.shiftKey && event.key.startsWith('Arrow') && data.form !== 'SURFACE'
      const act = acts[shifts ? `Shift ${event.key}` : event.key]
      if (!act) return
      event.preventDefault()
      event.stopPropagation()
      act()
    },
  }
}
