import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { PAGE_ROWS } from '../api/queries'
import type { Act, Cell, Edit, Kept, Worksheet } from '../api/types'
import { changedKey, useWorksheetStore } from './store'
import { useNotices } from './useNotices'

/** What can be sent: edits, an act, a step in the history, or an earlier state or look to bring back. */
export type Change =
  | { readonly kind: 'edits'; readonly edits: readonly Edit[] }
  | { readonly kind: 'act'; readonly act: Act }
  | { readonly kind: 'undo' | 'redo' }
  | { readonly kind: 'restore'; readonly revision: number }
  | { readonly kind: 'look'; readonly chart: string; readonly revision: number }

/** Sends changes one after another and writes each answer into the cache: cells at once, the rest by asking again. */
export function useKeep(id: string) {
  const client = useQueryClient()
  const { refuse } = useNotices()
  const follow = useWorksheetStore((state) => state.follow)
  const revision = () => client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0

  return useMutation({
    mutationKey: keys.keeping(id),
    scope: { id },
    mutationFn: (change: Change) => {
      switch (change.kind) {
        case 'edits':
          return api.edit(id, revision(), change.edits)
        case 'act':
          return api.act(id, change.act)
        case 'restore':
          return api.restore(id, change.revision)
        case 'look':
          return api.lookAgain(id, change.chart, change.revision)
        case 'undo':
        case 'redo':
          return api[change.kind](id)
      }
    },
    // What is laid out is shown at once: the next click must go on from it, however slow the answer is.
    onMutate: (change: Change) => {
      if (change.kind !== 'edits') return
      void client.cancelQueries({ queryKey: keys.outline(id) })
      client.setQueryData<Worksheet>(keys.outline(id), (old) => old && laidOut(old, change.edits))
      for (const edit of change.edits) {
        // The server has no cells of a grid that is on its way to it.
        if (edit.do !== 'addBlock' || edit.block.kind !== 'grid') continue
        client.setQueryData(keys.page(id, null, edit.block.id, 0, edit.block.columns), new Map<string, Cell>())
      }
    },
    onSuccess: (kept: Kept, change: Change) => {
      const { revision: next, keptAt, canUndo, canRedo } = kept
      const missed = next > revision() + 1 // another page was faster
      client.setQueryData<Worksheet>(
        keys.outline(id),
        (old) => old && { ...old, revision: next, keptAt, canUndo, canRedo },
      )
      for (const [grid, cells] of byGrid(kept.changed)) {
        for (const [key] of client.getQueriesData<ReadonlyMap<string, Cell>>({ queryKey: keys.cells(id, grid) })) {
          const own = cells.filter((cell) => key[5] === Math.floor(cell.row / PAGE_ROWS))
          if (own.length > 0) {
            client.setQueryData<ReadonlyMap<string, Cell>>(key, (page) => page && withCells(page, own))
          }
        }
      }
      follow(kept.echo, new Set(kept.changed.map((cell) => changedKey(cell.grid, cell.address))))
      void client.invalidateQueries({ queryKey: keys.charts(id) }) // worked out while the cells are painted
      // Not waited for: the next key may need what this one has done.
      if (missed || changesLooks(change)) void client.invalidateQueries({ queryKey: keys.allCells(id) })
      // Another change may be on its way, and is shown already: its own answer brings the outline of both.
      if (client.isMutating({ mutationKey: keys.keeping(id) }) <= 1) {
        void client.invalidateQueries({ queryKey: keys.outline(id) })
      }
      afterPaint(() => {
        void client.invalidateQueries({ queryKey: keys.everyCell(id) })
        void client.invalidateQueries({ queryKey: keys.history(id) })
      })
    },
    onError: (reason) => {
      refuse(reason.message)
      return client.invalidateQueries({ queryKey: keys.outline(id) })
    },
  })
}

/** Once the page shows what it has, or after a moment where nobody looks at it. */
function afterPaint(work: () => void) {
  const timer = setTimeout(work, 100)
  requestAnimationFrame(() => {
    clearTimeout(timer)
    setTimeout(work)
  })
}

/** The worksheet with what edits change of its layout and settings; all else comes with the answer. */
const laidOut = (worksheet: Worksheet, edits: readonly Edit[]): Worksheet => edits.reduce(laidOutBy, worksheet)

function laidOutBy(worksheet: Worksheet, edit: Edit): Worksheet {
  if (edit.do === 'changeSettings') return { ...worksheet, settings: edit.settings }
  if (edit.do !== 'addBlock' && edit.do !== 'changeBlock' && edit.do !== 'changeSection') return worksheet
  return {
    ...worksheet,
    sections: worksheet.sections.map((section) => {
      if (edit.do === 'addBlock') {
        // What a chart draws comes with the answer, and so does the chart.
        if (section.id !== edit.section || edit.block.kind === 'chart') return section
        return { ...section, blocks: section.blocks.toSpliced(edit.at, 0, edit.block) }
      }
      if (edit.do === 'changeBlock') {
        return { ...section, blocks: section.blocks.map((block) => (block.id === edit.block.id ? edit.block : block)) }
      }
      const { title, folded, isPart } = edit
      return section.id === edit.section ? { ...section, title, folded, isPart } : section
    }),
  }
}

/** Whether cells may look different although their values are the same: by their style, or by their place. */
function changesLooks(change: Change): boolean {
  return change.kind !== 'edits' || change.edits.some((edit) => edit.do !== 'enter' && edit.do !== 'define')
}

function byGrid(cells: readonly Cell[]): ReadonlyMap<string, readonly Cell[]> {
  const grids = new Map<string, Cell[]>()
  for (const cell of cells) {
    const own = grids.get(cell.grid)
    if (own) own.push(cell)
    else grids.set(cell.grid, [cell])
  }
  return grids
}

function withCells(page: ReadonlyMap<string, Cell>, cells: readonly Cell[]): ReadonlyMap<string, Cell> {
  const next = new Map(page)
  for (const cell of cells) {
    if (cell.entry === '' && cell.kind === 'empty') next.delete(cell.address)
    else next.set(cell.address, cell)
  }
  return next
}
