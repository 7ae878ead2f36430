import { useEffect, useRef, useState, type PointerEvent, type RefObject } from 'react'
import type { ChartData, ChartWindow } from '../api/types'
import type { Pixel, Pixels } from './pixels'
import { lineAt } from './lineAt'
import { stopsOf, type Stop } from '../chart/stops'

/** A rectangle that is being drawn, in pixels. */
export interface Box {
  readonly from: Pixel
  readonly to: Pixel
}

/** What dragging does: it moves the part of the axes that is seen, or chooses what lies in a box. */
export type Drags = 'moves' | 'chooses'

interface Wanted {
  readonly host: RefObject<HTMLElement | null>
  readonly data: ChartData
  readonly pixels: () => Pixels | null
  readonly window: ChartWindow | null
  readonly drags: Drags
  readonly onWindow: (window: ChartWindow) => void
  /** What was pointed at or drawn around, of one series. */
  readonly onStops: (stops: readonly Stop[]) => void
}

/** A press that moves less is a click. */
const CLICK = 4
const NEAR = 12
const WHEEL = 1.2

/** Zooming with Ctrl and the wheel, moving what is seen by dragging, and choosing points by a click or a box. */
export function usePointer({ host, data, pixels, window, drags, onWindow, onStops }: Wanted) {
  const start = useRef<{ readonly at: Pixel; readonly window: ChartWindow; readonly isPan: boolean } | null>(null)
  const [box, setBox] = useState<Box | null>(null)
  const [over, setOver] = useState<{ readonly stop: Stop; readonly data: ChartData } | null>(null)
  const seen = window ?? windowOf(data)

  useEffect(() => {
    const element = host.current
    if (!element) return
    const zoom = (event: WheelEvent) => {
      const place = pixels()?.back(pixelIn(element, event))
      if (!event.ctrlKey || !place || !canZoom(data)) return
      event.preventDefault()
      onWindow(zoomed(seen, event.deltaY > 0 ? WHEEL : 1 / WHEEL, place.across, place.up))
    }
    // React's own listener is passive and could not keep the page from zooming.
    element.addEventListener('wheel', zoom, { passive: false })
    return () => element.removeEventListener('wheel', zoom)
  })

  const inside = (at: Pixel) => {
    const plot = pixels()?.plot
    return (
      plot !== undefined &&
      at.x >= plot.left - NEAR &&
      at.x <= plot.left + plot.width + NEAR &&
      at.y >= plot.top - NEAR &&
      at.y <= plot.top + plot.height + NEAR
    )
  }

  return {
    box,
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      const at = host.current && pixelIn(host.current, event)
      if (!at || event.button !== 0 || !inside(at)) return
      start.current = { at, window: seen, isPan: drags === 'moves' && canZoom(data) && !event.shiftKey }
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const from = start.current
      const now = pixels()
      const plot = now?.plot
      if (!from && now && host.current && data.form === 'PLOT') {
        const met = lineAt(data, now, pixelIn(host.current, event))
        setOver((last) => (last?.data === data && last.stop.said() === met?.said() ? last : met && { stop: met, data }))
      }
      if (!from || !host.current || !plot) return
      const to = pixelIn(host.current, event)
      if (!from.isPan) {
        setBox({ from: from.at, to })
        return
      }
      const { low, high, from: left, to: right } = from.window
      onWindow(
        moved(
          from.window,
          ((from.at.x - to.x) / plot.width) * (right - left),
          ((to.y - from.at.y) / plot.height) * (high - low),
        ),
      )
    },
    onPointerUp: (event: PointerEvent<HTMLElement>) => {
      const from = start.current
      start.current = null
      setBox(null)
      const now = pixels()
      if (!from || !host.current || !now) return
      const to = pixelIn(host.current, event)
      const isClick = Math.hypot(to.x - from.at.x, to.y - from.at.y) < CLICK
      if (from.isPan && !isClick) return
      const found = isClick ? nearest(data, now, to) : within(data, now, { from: from.at, to })
      if (found.length > 0) onStops(found)
    },
    /** The line under the pointer, as long as the chart is as it was when it came there. */
    over: over?.data === data ? over.stop : null,
    onPointerLeave: () => setOver(null),
    onPointerCancel: () => {
      start.current = null
      setBox(null)
    },
  }
}

const pixelIn = (element: HTMLElement, event: { readonly clientX: number; readonly clientY: number }): Pixel => {
  const { left, top } = element.getBoundingClientRect()
  return { x: event.clientX - left, y: event.clientY - top }
}

/** Whether a part of the axes can be looked at. */
export const canZoom = (data: ChartData) => data.form === 'PLOT' && !data.across.places

/** All that the axes show. */
export const windowOf = ({ across, up }: ChartData): ChartWindow => ({
  from: across.scale.least,
  to: across.scale.most,
  low: up.scale.least,
  high: up.scale.most,
})

/** A window larger or smaller by a factor around a place. */
export const zoomed = (now: ChartWindow, by: number, across: number, up: number): ChartWindow => ({
  from: across - (across - now.from) * by,
  to: across + (now.to - across) * by,
  low: up - (up - now.low) * by,
  high: up + (now.high - up) * by,
})

/** A window moved along the axes. */
export const moved = (now: ChartWindow, across: number, up: number): ChartWindow => ({
  from: now.from + across,
  to: now.to + across,
  low: now.low + up,
  high: now.high + up,
})

function nearest(data: ChartData, pixels: Pixels, to: Pixel): readonly Stop[] {
  let best: Stop | null = null
  // A field reaches as far as the next.
  let distance = data.form === 'FIELDS' ? Number.POSITIVE_INFINITY : NEAR
  for (const stop of stopsOf(data).flat()) {
    const at = stop.place && pixels.of(stop.place, stop.onRight)
    if (!at) continue
    const isBarHit = stop.isBar && Math.abs(at.x - to.x) < 24 && to.y > at.y
    const far = isBarHit ? 0 : Math.hypot(at.x - to.x, at.y - to.y)
    if (far < distance) {
      distance = far
      best = stop
    }
  }
  return best ? [best] : []
}

/** The stops with a cell in a box, of the series that has most of them there. */
function within(data: ChartData, pixels: Pixels, { from, to }: Box): readonly Stop[] {
  const holds = (at: Pixel | null) =>
    at !== null &&
    at.x >= Math.min(from.x, to.x) &&
    at.x <= Math.max(from.x, to.x) &&
    at.y >= Math.min(from.y, to.y) &&
    at.y <= Math.max(from.y, to.y)
  const inside = stopsOf(data)
    .flat()
    .filter((stop) => stop.cell !== null && stop.place !== null && holds(pixels.of(stop.place, stop.onRight)))
  const bySeries = [...new Set(inside.map((stop) => stop.series))].map((series) =>
    inside.filter((stop) => stop.series === series),
  )
  return bySeries.reduce((best, own) => (own.length > best.length ? own : best), [])
}
