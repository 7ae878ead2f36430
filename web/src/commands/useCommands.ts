import { useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { keys } from '../api/keys'
import type { Cell } from '../api/types'
import { useNotices } from '../worksheet/useNotices'
import { useOpenWorksheet } from '../worksheet/context'
import { cellCommands } from './cellCommands'
import { chartCommands } from './chartCommands'
import type { Command } from './command'
import { lineCommands } from './lineCommands'
import { pageCommands } from './pageCommands'
import { viewCommands } from './viewCommands'

/** What is in a cell, as far as it is loaded. */
export type ReadCell = (grid: string, address: string) => Cell | undefined

/** Reads cells that are loaded, without asking for others. */
export function useReadCell(): ReadCell {
  const { worksheet } = useOpenWorksheet()
  const client = useQueryClient()
  return useMemo(
    () => (grid, address) => {
      const pages = client.getQueriesData<ReadonlyMap<string, Cell>>({ queryKey: keys.cells(worksheet.id, grid) })
      for (const [, page] of pages) {
        const cell = page?.get(address)
        if (cell) return cell
      }
      return undefined
    },
    [client, worksheet.id],
  )
}

/** All that can be done on the open worksheet. */
export function useCommands(step: (way: 'undo' | 'redo') => void): readonly Command[] {
  const open = useOpenWorksheet()
  const read = useReadCell()
  const notices = useNotices()
  return useMemo(
    () => [
      ...cellCommands(open, read, notices, step),
      ...lineCommands(open),
      ...pageCommands(open),
      ...chartCommands(open),
      ...viewCommands(open, read, step),
    ],
    [open, read, notices, step],
  )
}
