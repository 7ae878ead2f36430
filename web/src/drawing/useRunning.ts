import { useEffect } from 'react'
import { useRun } from '../api/queries'
import type { Chart, Frame } from '../api/types'
import { useKeptState, useOpenWorksheet } from '../worksheet/context'
import { useChartStore, type Running } from '../chart/chartStore'

/** An input that runs, with the chart as it is at its value. */
export interface RunningChart extends Running {
  readonly frames: readonly Frame[]
  readonly frame: Frame | undefined
  /** Why it does not run. */
  readonly refused: string
}

/** The run of a chart; null where none is on. Plays on by itself. */
export function useRunning(chart: Chart): RunningChart | null {
  const { worksheet } = useOpenWorksheet()
  const running = useChartStore((state) => (state.running?.chart === chart.id ? state.running : null))
  const change = useChartStore((state) => state.change)
  const { data: frames = NONE, error } = useRun(worksheet.id, chart.id, useKeptState().revision, running?.run ?? null)
  const isPlaying = running?.isPlaying ?? false
  const speed = running?.speed ?? 1

  useEffect(() => {
    if (!isPlaying || frames.length === 0) return
    const timer = setInterval(() => {
      const { running: now } = useChartStore.getState()
      if (now) change({ index: (now.index + 1) % frames.length })
    }, 1000 / speed)
    return () => clearInterval(timer)
  }, [isPlaying, speed, frames, change])

  return running && { ...running, frames, frame: frames[running.index], refused: error?.message ?? '' }
}

const NONE: readonly Frame[] = []
