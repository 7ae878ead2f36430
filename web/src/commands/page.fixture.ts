import type { Act, Block, Cell, Edit, Grid, Kept, Note, Section } from '../api/types'
import { areaOf } from '../sheet/address'
import type { OpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import type { Command } from './command'
import { newGrid } from './pageCommands'

/** A small page for tests of what is done with it: what would be sent is kept, and answered as it would be. */

export const lots: Grid = { ...newGrid([], 8, 5), id: 'lots', title: 'Lots', headings: 1, widths: { 0: 120 } }

export const remark: Note = { kind: 'note', id: 'remark', text: 'River red is late', beside: false }

export const sectionOf = (id: string, ...blocks: readonly Block[]): Section => ({
  id,
  title: id,
  folded: false,
  isPart: false,
  blocks,
})

export const nothingKept: Kept = {
  revision: 8,
  keptAt: '2027-03-01T09:00:00Z',
  canUndo: true,
  canRedo: false,
  changed: [],
  echo: { message: '', results: [] },
  again: false,
}

/** A cell as the server tells it. */
export const cellOf = (grid: string, address: string, entry: string, display = entry): Cell => ({
  grid,
  address,
  ...areaOf(address).first,
  entry,
  calculated: entry.startsWith('='),
  kind: 'number',
  display,
  full: display,
  unit: null,
  exact: true,
  name: null,
  from: null,
  latex: null,
  remark: null,
  error: null,
})

export interface Sent {
  readonly open: OpenWorksheet
  readonly edits: Edit[]
  readonly acts: Act[]
}

/** The page, and what was sent of it. */
export function openPage(sections: readonly Section[], at: number | null = null, kept: Kept = nothingKept): Sent {
  const edits: Edit[] = []
  const acts: Act[] = []
  return {
    edits,
    acts,
    open: {
      worksheet: {
        id: 'blend',
        title: 'Blend',
        sections,
        names: [],
        settings: { degrees: false, comma: false, grouped: false, dropped: false, complex: false, style: '' },
      },
      at,
      kept: () => Promise.resolve(),
      grids: sections.flatMap(({ blocks }) => blocks.filter((block) => block.kind === 'grid')),
      keep: (some) => {
        edits.push(...some)
        return Promise.resolve(kept)
      },
      act: (act) => {
        acts.push(act)
        return Promise.resolve(kept)
      },
    },
  }
}

/** Selects cells from the first to the last. */
export function selectCells(area: string, grid = 'lots'): void {
  const { first, last } = areaOf(area)
  useWorksheetStore.getState().select({ kind: 'cells', grid, anchor: first, focus: last })
}

/** Does one of the commands; it must be possible. */
export function run(commands: readonly Command[], id: string): void {
  const command = commands.find((each) => each.id === id)
  if (!command) throw new Error(`there is no command ${id}`)
  if (command.isPossible && !command.isPossible()) throw new Error(`${id} is not possible now`)
  command.run()
}

/** The commands that can be done now. */
export const possible = (commands: readonly Command[]): readonly string[] =>
  commands.filter(({ isPossible }) => isPossible?.() ?? true).map(({ id }) => id)
