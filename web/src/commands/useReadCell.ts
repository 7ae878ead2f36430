import { useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { keys } from '../api/keys'
import type { Cell } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'

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
