import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { lettersOf } from '../grid/address'
import { api } from './client'
import { keys } from './keys'

/** Rows of a grid are fetched so many at a time. */
export const PAGE_ROWS = 200

/** The worksheets of the start page. */
export const useWorksheets = () =>
  useQuery({ queryKey: keys.worksheets, queryFn: ({ signal }) => api.worksheets(signal) })

/** Sections, blocks and names of a worksheet; fetched again after each edit. */
export const useWorksheet = (id: string) =>
  useQuery({ queryKey: keys.outline(id), queryFn: ({ signal }) => api.worksheet(id, signal), staleTime: Infinity })

/** One page of a grid's cells. Edits write the cells they change into it. */
export const usePage = (id: string, grid: string, page: number, columns: number) =>
  useQuery({
    queryKey: keys.page(id, grid, page, columns),
    queryFn: async ({ signal }) => {
      const range = `A${page * PAGE_ROWS + 1}:${lettersOf(columns - 1)}${(page + 1) * PAGE_ROWS}`
      const window = await api.cells(id, grid, range, signal)
      return new Map(window.cells.map((cell) => [cell.address, cell]))
    },
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** All that the lens shows of a cell; fetched again after each edit. */
export const useCell = (id: string, grid: string, address: string) =>
  useQuery({
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
