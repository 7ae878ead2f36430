import { useMutation, useQueryClient } from '@tanstack/react-query'
import { App } from 'antd'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { PAGE_ROWS } from '../api/queries'
import type { Cell, Edit, Kept, Worksheet } from '../api/types'
import { changedKey, useWorksheetStore } from './store'

type Change = readonly Edit[] | 'undo' | 'redo'

/** Sends changes one after another and writes each answer into the cache: cells at once, the rest by asking again. */
export function useKeep(id: string) {
  const client = useQueryClient()
  const { message } = App.useApp()
  const follow = useWorksheetStore((state) => state.follow)
  const revision = () => client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0

  return useMutation({
    scope: { id },
    mutationFn: (change: Change) =>
      change === 'undo' ? api.undo(id) : change === 'redo' ? api.redo(id) : api.edit(id, revision(), change),
    onSuccess: (kept: Kept, change: Change) => {
      const { revision: next, keptAt, canUndo, canRedo } = kept
      client.setQueryData<Worksheet>(
        keys.outline(id),
        (old) => old && { ...old, revision: next, keptAt, canUndo, canRedo },
      )
      for (const cell of kept.changed) {
        client.setQueriesData<Map<string, Cell>>(
          {
            queryKey: keys.cells(id, cell.grid),
            predicate: (query) => query.queryKey[4] === Math.floor(cell.row / PAGE_ROWS),
          },
          (page) => page && withCell(page, cell),
        )
      }
      follow(kept.echo, new Set(kept.changed.map((cell) => changedKey(cell.grid, cell.address))))
      return Promise.all([
        ...(changesStyles(change) ? [client.invalidateQueries({ queryKey: ['worksheet', id, 'cells'] })] : []),
        client.invalidateQueries({ queryKey: keys.outline(id) }),
        client.invalidateQueries({ queryKey: ['worksheet', id, 'cell'] }),
        client.invalidateQueries({ queryKey: ['worksheet', id, 'chart'] }),
      ])
    },
    onError: (reason) => {
      void message.error(reason.message, 8)
      return client.invalidateQueries({ queryKey: keys.outline(id) })
    },
  })
}

/** Whether cells may look different although their values are the same. */
function changesStyles(change: Change): boolean {
  return typeof change === 'string' || change.some((edit) => edit.do === 'changeBlock' && edit.block.kind === 'grid')
}

function withCell(page: ReadonlyMap<string, Cell>, cell: Cell): Map<string, Cell> {
  const next = new Map(page)
  if (cell.entry === '' && cell.kind === 'empty') next.delete(cell.address)
  else next.set(cell.address, cell)
  return next
}
