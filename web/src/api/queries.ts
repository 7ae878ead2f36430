import {
  keepPreviousData,
  queryOptions,
  type QueryClient,
  useIsMutating,
  useQueries,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query'
import { useEffect } from 'react'
import { lettersOf } from '../sheet/address'
import { api, type ChartView } from './client'
import { keys } from './keys'
import type { Cell, Draft, Edit, Run } from './types'

/** Rows of a grid are fetched so many at a time. */
export const PAGE_ROWS = 200

/** Of a column so many rows are looked at for what it holds. */

const PICTURE_WAIT = 1_500
/** Half a minute: the program has started by then. */
const MOST_LOOKS = 20

/** The worksheets that were changed last: examples, or others; null for both. */
export const useWorksheets = (example: boolean | null, count: number) =>
  useQuery({
    queryKey: [...keys.worksheets, example, count],
    queryFn: ({ signal }) => api.worksheets(example, count, signal),
    placeholderData: keepPreviousData,
    // Pictures are made beside the work, and examples while the program starts: both are looked for again.
    refetchInterval: ({ state: { data, dataUpdateCount } }) => {
      const isStarting = example !== false && data?.length === 0 && dataUpdateCount < MOST_LOOKS
      return isStarting || data?.some((each) => each.isBehind) ? PICTURE_WAIT : false
    },
  })

/** Sections, blocks and names of a worksheet; fetched again after each edit. */
export const useWorksheet = (id: string, at: number | null) =>
  useQuery({
    queryKey: keys.outline(id, at),
    queryFn: ({ signal }) => api.worksheet(id, at, signal),
    staleTime: Infinity,
  })

/** Some pages of a grid's cells, by address. Edits write the cells they change into them. */
export const usePages = (id: string, at: number | null, grid: string, pages: readonly number[], columns: number) => {
  const isComing = useIsComing(id, grid)
  return useQueries({
    queries: pages.map((page) => ({
      enabled: !isComing,
      queryKey: keys.page(id, at, grid, page, columns),
      queryFn: async ({ signal }: { readonly signal: AbortSignal }) => {
        const range = `A${page * PAGE_ROWS + 1}:${lettersOf(columns - 1)}${(page + 1) * PAGE_ROWS}`
        const window = await api.cells(id, at, grid, range, signal)
        return new Map(window.cells.map((cell) => [cell.address, cell]))
      },
      staleTime: Infinity,
    })),
    combine: merged,
  })
}

const NO_CELLS: ReadonlyMap<string, Cell> = new Map()

function merged(results: readonly { readonly data: ReadonlyMap<string, Cell> | undefined }[]) {
  const [first, ...others] = results.flatMap((result) => result.data ?? [])
  // Mostly all that is in view is one page: then it is not copied.
  return first && others.length > 0 ? new Map([first, ...others].flatMap((page) => [...page])) : (first ?? NO_CELLS)
}

/** The cells in the column of a cell that sorting and filtering take; of a long table the first. */
export const useColumn = (id: string, at: number | null, grid: string, address: string) =>
  useQuery({
    queryKey: keys.column(id, at, grid, address),
    queryFn: async ({ signal }) => (await api.column(id, at, grid, address, signal)).cells,
  })

/** All that the lens shows of a cell; fetched again after each edit. */
export const useCell = (id: string, at: number | null, grid: string, address: string, enabled = true) => {
  const isComing = useIsComing(id, grid)
  return useQuery({
    enabled: enabled && !isComing,
    queryKey: keys.cell(id, at, grid, address),
    queryFn: ({ signal }) => api.cell(id, at, grid, address, signal),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })
}

/** Whether a grid is on its way to the server, which can say nothing of it yet. */
const useIsComing = (id: string, grid: string) =>
  useIsMutating({ mutationKey: keys.keeping(id), predicate: ({ state }) => adds(state.variables, grid) }) > 0

const adds = (sent: unknown, grid: string): boolean => {
  const change = typeof sent === 'object' && sent !== null && 'change' in sent ? sent.change : null
  return (
    typeof change === 'object' &&
    change !== null &&
    'edits' in change &&
    Array.isArray(change.edits) &&
    change.edits.some((edit: Edit) => edit.do === 'addBlock' && edit.block.id === grid)
  )
}

/** A chart seen whole; a peak is kept for each two pixels of its usual width. */
export const WHOLE: ChartView = { columns: 320, window: null }

/** What a chart shows; fetched again after each edit. */
export const useChart = (id: string, at: number | null, chart: string, view: ChartView = WHOLE) =>
  useQuery({
    queryKey: keys.chart(id, at, chart, view),
    queryFn: ({ signal }) => api.chart(id, at, chart, view, signal),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** The looks that a chart has had, the newest first. */
export const useLooks = (id: string, chart: string, revision: number, enabled: boolean) =>
  useQuery({
    enabled,
    queryKey: keys.looks(id, chart, revision),
    queryFn: ({ signal }) => api.looks(id, chart, signal),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** A chart while an input runs through values. */
export const useRun = (id: string, chart: string, revision: number, run: Run | null) =>
  useQuery({
    enabled: run !== null,
    queryKey: keys.run(id, chart, revision, run),
    queryFn: ({ signal }) => (run ? api.run(id, chart, run, signal) : []),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  })

/** The changes of a worksheet, the newest first; fetched again after each edit. */
export const useHistory = (id: string) =>
  useQuery({ queryKey: keys.history(id), queryFn: ({ signal }) => api.history(id, signal), staleTime: Infinity })

/** What is different now from what it was at a revision. */
export const useComparison = (id: string, revision: number) =>
  useQuery({
    queryKey: keys.comparison(id, revision),
    queryFn: ({ signal }) => api.compare(id, revision, signal),
    staleTime: Infinity,
  })

/** The cells that have a text. */
export const useFound = (id: string, text: string, matchCase: boolean) =>
  useQuery({
    queryKey: keys.found(id, text, matchCase),
    queryFn: ({ signal }) => api.find(id, text, matchCase, signal),
    enabled: text !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

/** The tape of a worksheet, the oldest line first. */
export const useTapeLines = (id: string) =>
  useQuery({ queryKey: keys.tape(id), queryFn: ({ signal }) => api.tape(id, signal), staleTime: Infinity })

/** What the guide is made from; the same as long as the program runs. */
export const useFunctions = () =>
  useQuery({ queryKey: keys.functions, queryFn: ({ signal }) => api.functions(signal), staleTime: Infinity })
export const useGuidePages = () =>
  useQuery({ queryKey: keys.guidePages, queryFn: ({ signal }) => api.guidePages(signal), staleTime: Infinity })

/** What answers a question in everyday words, the best first. */
export const guideQuery = (question: string) =>
  queryOptions({
    queryKey: keys.guide(question),
    queryFn: ({ signal }) => api.guide(question, signal),
    staleTime: Infinity,
  })
export const useGuideAnswers = (question: string) =>
  useQuery({ ...guideQuery(question), enabled: question !== '', placeholderData: keepPreviousData })
export const useStyles = () =>
  useQuery({ queryKey: keys.styles, queryFn: ({ signal }) => api.styles(signal), staleTime: Infinity })
export const useUnits = () =>
  useQuery({ queryKey: keys.units, queryFn: ({ signal }) => api.units(signal), staleTime: Infinity })
export const useConstants = () =>
  useQuery({ queryKey: keys.constants, queryFn: ({ signal }) => api.constants(signal), staleTime: Infinity })

export const useRates = () => useQuery({ queryKey: keys.rates, queryFn: ({ signal }) => api.rates(signal) })

/** An expression without cells, worked out. */
export const useCalculation = (expression: string) =>
  useQuery({
    queryKey: keys.calculation(expression),
    queryFn: ({ signal }) => api.calculate(expression, signal),
    staleTime: Infinity,
  })

/** A question without what goes without saying, so that the same is not asked twice in two forms. */
function shortest({ cursor, scratch, line, given, ...draft }: Draft): Draft {
  return {
    ...draft,
    ...(cursor != null && cursor < draft.entry.length ? { cursor } : {}),
    ...(scratch ? { scratch } : {}),
    ...(line == null ? {} : { line }),
    ...(given && given.length > 0 ? { given } : {}),
  }
}

/** What is said of an entry that is being written. */
export const previewQuery = (id: string, draft: Draft) => {
  const asked = shortest(draft)
  return queryOptions({
    queryKey: keys.preview(id, asked),
    queryFn: ({ signal }) => api.preview(id, asked, signal),
    retry: false, // the next letter asks again
  })
}

/** The same once; nothing where it was forgotten because the worksheet has changed, or is not answered. */
export const askedPreview = (client: QueryClient, id: string, draft: Draft) =>
  client.fetchQuery({ ...previewQuery(id, draft), staleTime: Infinity }).catch(() => null)

/** The same, asked again as it is written; the last answer stays until the next is there. */
export const usePreview = (id: string, draft: Draft, isWritten = true) => {
  // What was kept just before belongs to what the preview is worked out from.
  const isKept = useIsMutating({ mutationKey: keys.keeping(id) }) === 0
  return useQuery({
    ...previewQuery(id, draft),
    enabled: isWritten && isKept && draft.entry.trim() !== '',
    gcTime: 10_000,
    placeholderData: keepPreviousData,
  })
}

/** Previews are of the worksheet as it was: forget them when it has changed. */
export function useForgetPreviews(revision: number) {
  const client = useQueryClient()
  useEffect(() => client.removeQueries({ queryKey: ['preview'] }), [client, revision])
}
