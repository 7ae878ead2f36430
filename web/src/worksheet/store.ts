import { create } from 'zustand'
import type { Echo } from '../api/types'
import type { At } from '../grid/address'

/** What is selected on the page. */
export type Selection =
  | { readonly kind: 'none' }
  | { readonly kind: 'cells'; readonly grid: string; readonly anchor: At; readonly focus: At }
  | { readonly kind: 'chart'; readonly id: string }

/** The cell whose entry is being written, with the text that it begins with. */
export interface Composing {
  readonly grid: string
  readonly at: At
  readonly text: string
}

interface WorksheetState {
  readonly selection: Selection
  readonly composing: Composing | null
  readonly echo: Echo | null
  readonly changed: ReadonlySet<string>
  readonly contentsOpen: boolean
  readonly lensOpen: boolean
  readonly echoOpen: boolean
  readonly step: number
  readonly select: (selection: Selection) => void
  readonly compose: (composing: Composing | null) => void
  readonly follow: (echo: Echo, changed: ReadonlySet<string>) => void
  readonly toggle: (panel: 'contentsOpen' | 'lensOpen' | 'echoOpen') => void
  readonly showStep: (step: number) => void
  readonly reset: () => void
}

const start = {
  selection: { kind: 'none' },
  composing: null,
  echo: null,
  changed: new Set<string>(),
  contentsOpen: true,
  lensOpen: true,
  echoOpen: false,
  step: -1,
} as const

/** Interface state of the open worksheet; nothing that the server knows is kept here. */
export const useWorksheetStore = create<WorksheetState>()((set) => ({
  ...start,
  select: (selection) => set({ selection, step: -1 }),
  compose: (composing) => set({ composing }),
  follow: (echo, changed) => set({ echo, changed }),
  toggle: (panel) => set((state) => ({ [panel]: !state[panel] })),
  showStep: (step) => set({ step }),
  reset: () => set(start),
}))

/** The key of a cell among those that changed. */
export const changedKey = (grid: string, address: string): string => `${grid}!${address}`
