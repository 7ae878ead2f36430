import { create } from 'zustand'
import type { Run } from '../api/types'
import type { MarkKind } from './marks'

/** An earlier look that is looked at: its place among the looks, 0 for now. */
export interface Looking {
  readonly chart: string
  readonly index: number
  readonly way: 'alone' | 'beside' | 'over'
}

/** An input that runs, and where it is. */
export interface Running {
  readonly chart: string
  readonly run: Run
  readonly index: number
  readonly isPlaying: boolean
  /** Values in a second. */
  readonly speed: number
}

interface ChartState {
  /** A chart that gets one more mark: the text of the last of so many is written once it is drawn. */
  readonly marked: { readonly chart: string; readonly count: number } | null
  /** A mark that waits for the place on its chart that is clicked at. */
  readonly placing: { readonly chart: string; readonly kind: MarkKind } | null
  /** A mark whose text is written on the chart, by its place among the marks. */
  readonly lettering: { readonly chart: string; readonly index: number } | null
  readonly looking: Looking | null
  readonly running: Running | null
  readonly look: (looking: Looking | null) => void
  readonly start: (chart: string, run: Run) => void
  readonly change: (part: Partial<Pick<Running, 'index' | 'isPlaying' | 'speed'>>) => void
  readonly stop: () => void
}

const SPEED = 8

/** How charts are looked at; nothing of it is kept. */
export const useChartStore = create<ChartState>()((set) => ({
  marked: null,
  placing: null,
  lettering: null,
  looking: null,
  running: null,
  look: (looking) => set({ looking: looking && (looking.index > 0 || looking.way !== 'alone') ? looking : null }),
  start: (chart, run) => set({ running: { chart, run, index: 0, isPlaying: true, speed: SPEED }, looking: null }),
  change: (part) => set(({ running }) => ({ running: running && { ...running, ...part } })),
  stop: () => set({ running: null }),
}))
