import { create } from 'zustand'
import type { Compared, Echo } from '../api/types'
import type { Area, At } from '../sheet/address'

/** What is selected on the page. */
export type Selection =
  | { readonly kind: 'none' }
  | { readonly kind: 'cells'; readonly grid: string; readonly anchor: At; readonly focus: At }
  | { readonly kind: 'chart'; readonly id: string; readonly series: number }

/** What is told of a document that was brought in. */
export interface Brought {
  readonly name: string
  readonly told: readonly string[]
  readonly compared: Compared | null
}

/** What stands over the page. */
export type Panel =
  | { readonly kind: 'finder'; readonly text: string }
  | { readonly kind: 'guide'; readonly entry: string }
  | { readonly kind: 'history' }
  | { readonly kind: 'settings' }
  | { readonly kind: 'rates' }
  | { readonly kind: 'find' }
  | { readonly kind: 'series' }
  | { readonly kind: 'name' }
  | { readonly kind: 'remark' }
  | { readonly kind: 'style' }
  | { readonly kind: 'unit' }
  | { readonly kind: 'filter' }
  | { readonly kind: 'tabulate' }
  | { readonly kind: 'curve'; readonly chart: string | null }
  | { readonly kind: 'handOver' }
  | { readonly kind: 'print' }
  | { readonly kind: 'bringIn'; readonly file: File | null }
  | { readonly kind: 'brought'; readonly brought: Brought }

/** Cells that were copied or cut here, to be pasted with their references. */
export interface Clip {
  readonly grid: string
  readonly area: Area
  readonly isCut: boolean
  /** The text that was put on the clipboard; another there means that something else was copied since. */
  readonly text: string
}

/** Cells that are being moved by keys: where they would come. */
export interface Carrying {
  readonly grid: string
  readonly from: Area
  readonly to: At
  readonly lines: 'cells' | 'rows' | 'columns'
}

/** The cell whose entry is being written, the text so far, and where the cursor is in it. */
export interface Composing {
  readonly grid: string
  readonly at: At
  readonly draft: string
  readonly cursor: number
  /** What the cell held when it was begun. */
  readonly kept: string
}

/** What the scratch line shows. */
export interface Scratched {
  readonly grid: string
  readonly entry: string
  /** The line of the tape that it is; null while it is being written. */
  readonly line: number | null
}

/** What the page can ask of the open composer. */
export interface Writer {
  /** Puts a reference to cells into the entry; false where none can stand. */
  readonly point: (grid: string, area: Area) => boolean
  /** Keeps the entry and closes the composer. */
  readonly finish: () => void
  /** Gives the composer the keyboard. */
  readonly focus: () => void
  /** Puts a text in at the cursor. */
  readonly insert: (text: string) => void
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
  readonly panel: Panel | null
  readonly clip: Clip | null
  /** Resolves when what was copied last is in `clip`; nothing where it is there. */
  readonly clipComing: Promise<void> | null
  readonly carrying: Carrying | null
  /** The cell that was typed into last: a grid has it, though the answer that says so is not there yet. */
  readonly typed: { readonly grid: string; readonly at: At } | null
  /** Where a row of cells began that is gone along by Tab, and the cell it has come to. */
  readonly tabs: { readonly grid: string; readonly start: number; readonly at: At } | null
  /** The note or section that was just added: it is written in at once. */
  readonly fresh: string | null
  /** The cells that a continuation by dragging would fill. */
  readonly filling: { readonly grid: string; readonly area: Area } | null
  readonly arrows: boolean
  /** The letter that acts on expressions are by; null for the first one. */
  readonly letter: string | null
  /** Whether workings show their main steps only. */
  readonly mainSteps: boolean
  /** What was written or brought back on the scratch line last, for the lens; null once something else is looked at. */
  readonly scratch: Scratched | null
  readonly show: (panel: Panel | null) => void
  readonly select: (selection: Selection) => void
  readonly writer: Writer | null
  readonly compose: (composing: Composing | null) => void
  readonly write: (writer: Writer | null) => void
  readonly follow: (echo: Echo, changed: ReadonlySet<string>) => void
  readonly toggle: (panel: 'contentsOpen' | 'lensOpen' | 'echoOpen' | 'arrows' | 'mainSteps') => void
  readonly reset: () => void
}

/** In such a window, as a zoomed one is, the panels lie over the page: they start closed, and close when it becomes so. */
const narrow = window.matchMedia('(max-width: 900px)')

const panels = () => ({ contentsOpen: !narrow.matches, lensOpen: !narrow.matches })

const start = {
  selection: { kind: 'none' } as const,
  composing: null,
  writer: null,
  echo: null,
  changed: new Set<string>(),
  ...panels(),
  echoOpen: false,
  step: -1,
  panel: null,
  clip: null,
  clipComing: null,
  carrying: null,
  filling: null,
  typed: null,
  tabs: null,
  fresh: null,
  arrows: false,
  mainSteps: false,
  letter: null,
  scratch: null,
} satisfies Partial<WorksheetState>

/** Interface state of the open worksheet; nothing that the server knows is kept here. */
export const useWorksheetStore = create<WorksheetState>()((set) => ({
  ...start,
  show: (panel) => set({ panel }),
  select: (selection) => set({ selection, step: -1, scratch: null }),
  compose: (composing) =>
    set((state) => ({ composing, echoOpen: composing && !state.composing ? false : state.echoOpen })),
  write: (writer) => set({ writer }),
  follow: (echo, changed) => set({ echo, changed, echoOpen: false }),
  // The list of what followed opens in the lens, beside the page.
  toggle: (panel) =>
    set((state) => ({
      [panel]: !state[panel],
      ...(panel === 'echoOpen' && !state.echoOpen ? { lensOpen: true } : {}),
    })),
  reset: () => set({ ...start, ...panels() }),
}))

narrow.addEventListener('change', () => useWorksheetStore.setState(panels()))

/** The key of a cell among those that changed. */
export const changedKey = (grid: string, address: string): string => `${grid}!${address}`
