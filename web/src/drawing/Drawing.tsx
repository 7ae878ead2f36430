import type { ECharts } from 'echarts/core'
import { useEffect, useEffectEvent, useRef } from 'react'
import type { Chart, ChartData } from '../api/types'
import { useLook } from '../theme/look'
import { inks } from '../chart/inks'
import { optionsOf, type Besides } from '../chart/options/options'
import type { Turned } from '../chart/options/turned'
import { echarts } from './registered'

/** More markers than these are painted, since as elements of the page they would be slow. */
const MOST_ELEMENTS = 1_500

/** A hand that rests so long has turned a surface to where it is wanted, in milliseconds. */
const REST = 150

const isTurned = (event: unknown): event is Turned =>
  typeof event === 'object' && event !== null && 'alpha' in event && 'beta' in event && 'distance' in event

interface Props {
  readonly chart: Chart
  readonly data: ChartData
  readonly besides: Besides
  /** Told whenever the chart has been drawn, and with null when it is gone. */
  readonly onDrawn: (drawn: ECharts | null) => void
  /** Told which part of a whole, or which value of a surface, was clicked at. */
  readonly onPick: (index: number) => void
  /** Told when a surface has been turned by hand. */
  readonly onTurned: (turned: Turned) => void
}

/** Draws what the core worked out; drawn again when it is other. */
export function Drawing({ chart, data, besides, onDrawn, onPick, onTurned }: Props) {
  const host = useRef<HTMLDivElement>(null)
  const drawn = useRef<ECharts | null>(null)
  const look = useLook()
  const markers = data.series.reduce(
    (sum, series) => sum + (series.shape === 'LINE' || series.shape === 'STEPS' ? 0 : series.points.length),
    0,
  )
  const renderer = data.form === 'SURFACE' || markers > MOST_ELEMENTS ? 'canvas' : 'svg'

  const tell = useEffectEvent(onDrawn)
  const pick = useEffectEvent(onPick)
  const turn = useEffectEvent(onTurned)

  useEffect(() => {
    const place = host.current
    if (!place) return
    const made = echarts.init(place, null, { renderer })
    drawn.current = made
    made.on('click', ({ dataIndex }) => pick(dataIndex))
    let turning: ReturnType<typeof setTimeout> | undefined
    made.on('grid3dcamerachanged', (event) => {
      clearTimeout(turning)
      if (isTurned(event)) turning = setTimeout(() => turn(event), REST)
    })
    const sized = new ResizeObserver(() => {
      if (made.getWidth() === place.clientWidth && made.getHeight() === place.clientHeight) return
      made.resize()
      tell(made)
    })
    sized.observe(place)
    return () => {
      clearTimeout(turning)
      sized.disconnect()
      drawn.current = null
      tell(null)
      made.dispose()
    }
  }, [renderer])

  useEffect(() => {
    drawn.current?.setOption(optionsOf(chart, data, inks(), besides), { notMerge: true })
    tell(drawn.current)
  }, [chart, data, besides, look, renderer])

  return <div ref={host} aria-hidden="true" data-renderer={renderer} style={{ height: '100%' }} />
}
