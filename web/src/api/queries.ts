import { keepPreviousData, useQueries, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { lettersOf } from '../grid/address'
import { api } from './client'
import { keys } from './keys'
import type { Cell } from './types'

/** Rows of a grid are fetched so many at a time. */
export const PAGE_ROWS = 200

/** The worksheets of the start page. */
export const useWorksheets = () =>
  useQuery({ queryKey: keys.worksheets, queryFn: ({ signal }) => api.worksheets(signal) })

/** Sections, blocks and names of a worksheet; fetched again after each edit. */
export const useWorksheet = (id: string) =>
  useQuery({ queryKey: keys.outline(id), queryFn: ({ signal }) => api.worksheet(id, signal), staleTime: Infinity })

/** Some pages of a grid's cells, by address. Edits write the cells they change into them. */
export const usePages = (id: string, grid: string, pages: readonly number[], columns: number) =>
  useQueries({
    queries: pages.map((page) => ({
      queryKey: keys.page(id, grid, page, columns),
      queryFn: async ({ signal }: { readonly signal: AbortSignal }) => {
        const range = `A${page * PAGE_ROWS + 1}:${lettersOf(columns - 1)}${(page + 1) * PAGE_ROWS}`
        const window = await api.cells(id, grid, range, signal)
        return new Map(window.cells.map((cell) => [cell.address, cell]))
      },
      staleTime: Infinity,
    })),
    combine: merged,
  })

const merged = (results: readonly { readonly data: ReadonlyMap<string, Cell> | undefined }[]) =>
  new Map(results.flatMap((result) => [...(result.data ?? [])]))

/** All that the lens shows of a cell; fetched again after each edit. */
export const useCell = (id: string, grid: string, address: string, enabled = true) =>
  useQuery({
    enabled,
    queryKey: keys.cell(id, grid, address),
    queryFn: ({ signal }) => api.cell(id, grid, address, signal),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** A chart's series and scales; fetched again after each edit. */
export const useChart = (id: string, chart: string) =>
  useQuery({
    queryKey: keys.chart(id, chart),
    queryFn: ({ signal }) => api.chart(id, chart, signal),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** An entry that is being written; the last answer stays until the next is there. */
export const usePreview = (id: string, grid: string, address: string, entry: string, cursor: number) =>
  useQuery({
    queryKey: keys.preview(id, grid, address, entry, cursor),
    queryFn: ({ signal }) => api.preview(id, { grid, address, entry, cursor }, signal),
    enabled: entry.trim() !== '',
    gcTime: 10_000,
    placeholderData: keepPreviousData,
  })

/** Previews are of the worksheet as it was: forget them when it has changed. */
export function useForgetPreviews(revision: number) {
  const client = useQueryClient()
  useEffect(() => client.removeQueries({ queryKey: ['preview'] }), [client, revision])
}
