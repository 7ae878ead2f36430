import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import * as echarts from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { useEffect, useRef } from 'react'
import type { ChartData } from '../api/types'
import { optionsOf } from './options'

echarts.use([LineChart, ScatterChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])

/** Draws what the core worked out; drawn again when it is other. */
export function Drawing({ data }: { readonly data: ChartData }) {
  const host = useRef<HTMLDivElement>(null)
  const chart = useRef<echarts.ECharts | null>(null)

  useEffect(() => {
    if (!host.current) return
    const drawn = echarts.init(host.current, null, { renderer: 'svg' })
    chart.current = drawn
    const sized = new ResizeObserver(() => drawn.resize())
    sized.observe(host.current)
    return () => {
      sized.disconnect()
      drawn.dispose()
    }
  }, [])

  useEffect(() => chart.current?.setOption(optionsOf(data), { notMerge: true }), [data])

  return <div ref={host} aria-hidden="true" style={{ height: '100%' }} />
}
