import createClient from 'openapi-fetch'
import type { paths } from './contract'
import { pageId } from './pageId'
import type { Act, ChartWindow, Draft, Edit, Rate, Run, TapeLine } from './types'

/** What a refusal says besides its sentence: what else is kept in cells, or whose change would be taken back. */
export interface Problem {
  readonly detail?: string
  readonly revision?: number
  readonly cells?: readonly {
    readonly grid: string
    readonly address: string
    readonly now: string
    readonly yours: string
  }[]
  readonly says?: string
  readonly at?: string
}

/** A refusal of the server, with its sentence; with status 0 there was no answer. */
export class Refusal extends Error {
  readonly status: number
  readonly problem: Problem

  constructor(status: number, message: string, problem: Problem = {}) {
    super(message)
    this.status = status
    this.problem = problem
  }
}

/** Whether the program did not answer at all: it is stopped, or the way to it is broken. */
export const isUnanswered = (reason: unknown): boolean => reason instanceof Refusal && reason.status === 0

/** So long a page waits before it asks again what was not answered. */
export const RETRY_MILLIS = 1_000

const unreachable = 'The program does not answer. What you typed is still here; try again in a moment.'

// Without middleware, which waits before it asks: the page would be drawn between a key and the request that it makes.
const http = createClient<paths>({
  fetch: (request) => {
    request.headers.set('x-page', pageId())
    return fetch(request)
  },
})

const isAborted = (reason: unknown) => reason instanceof DOMException && reason.name === 'AbortError'

/** What a call answers with; its refusals are thrown. The types are those of the contract. */
async function answered<T>(
  call: Promise<{ readonly data?: T; readonly error?: unknown; readonly response: Response }>,
): Promise<T | undefined> {
  const { data, error, response } = await call.catch((reason: unknown) => {
    throw isAborted(reason) ? reason : new Refusal(0, unreachable)
  })
  if (response.ok) return data
  const problem: Problem = typeof error === 'object' && error !== null ? error : {}
  throw new Refusal(problem.detail === undefined ? 0 : response.status, problem.detail ?? unreachable, problem)
}

async function ask<T>(...call: Parameters<typeof answered<T>>): Promise<T> {
  const data = await answered<T>(...call)
  if (data === undefined) throw new Refusal(0, unreachable)
  return data
}

/** Asks for something that has no answer but that it is done. */
async function tell(...call: Parameters<typeof answered<unknown>>): Promise<void> {
  await answered(...call)
}

/** How closely a chart is looked at: its width in pixels, and the part of the axes that is seen; null for all. */
export interface ChartView {
  readonly columns: number
  readonly window: ChartWindow | null
}

const seen = ({ columns, window }: ChartView) => ({
  columns,
  ...(window && { from: window.from, to: window.to, low: window.low, high: window.high }),
})

/** Asks for the worksheet as it was at a revision. */
const then = (at: number | null) => (at === null ? {} : { at })

const stoppedBy = (signal: AbortSignal | undefined) => (signal === undefined ? {} : { signal })

const keyed = (key: string) => ({ 'Idempotency-Key': key })

/** What a worksheet is handed over as, and how. */
export type DocumentChoice = paths['/api/v1/worksheets/{id}/export']['get']['parameters']['query']

/** What was chosen of how a document is read. */
export type Reading = NonNullable<paths['/api/v1/worksheets/import']['post']['parameters']['query']>

/** A body that is sent as it is; the contract has it as a text of bytes. */
const bytes = (document: Blob) => ({
  body: '',
  bodySerializer: () => document,
  headers: { 'Content-Type': 'application/octet-stream' },
})

/** The calls of the server that the pages use. `at` is a revision to look back to; null for now. */
export const api = {
  worksheets: (example: boolean | null, count: number, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets', {
        params: { query: { count, ...(example === null ? {} : { example }) } },
        ...stoppedBy(signal),
      }),
    ),
  create: (title: string) => ask(http.POST('/api/v1/worksheets', { body: { title, copyOf: null } })),
  copy: (id: string, title: string) => ask(http.POST('/api/v1/worksheets', { body: { title, copyOf: id } })),
  retitle: (id: string, title: string) =>
    ask(http.PATCH('/api/v1/worksheets/{id}', { params: { path: { id } }, body: { title } })),
  remove: (id: string) => tell(http.DELETE('/api/v1/worksheets/{id}', { params: { path: { id } } })),
  bringBack: (id: string) => tell(http.POST('/api/v1/worksheets/{id}/bring-back', { params: { path: { id } } })),
  worksheet: (id: string, at: number | null, signal?: AbortSignal) =>
    ask(http.GET('/api/v1/worksheets/{id}', { params: { path: { id }, query: then(at) }, ...stoppedBy(signal) })),
  edit: (id: string, base: number, commands: readonly Edit[], key: string) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/edits', {
        params: { path: { id }, header: keyed(key) },
        body: { base, commands },
      }),
    ),
  act: (id: string, act: Act, key: string) =>
    ask(http.POST('/api/v1/worksheets/{id}/acts', { params: { path: { id }, header: keyed(key) }, body: { act } })),
  step: (id: string, way: 'undo' | 'redo', revision: number | null, key: string) =>
    ask(
      http.POST(`/api/v1/worksheets/{id}/${way}`, {
        params: { path: { id }, header: keyed(key) },
        body: { revision },
      }),
    ),
  restore: (id: string, revision: number, key: string) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/restore', {
        params: { path: { id }, header: keyed(key) },
        body: { revision },
      }),
    ),
  history: (id: string, signal?: AbortSignal) =>
    ask(http.GET('/api/v1/worksheets/{id}/history', { params: { path: { id } }, ...stoppedBy(signal) })),
  compare: (id: string, revision: number, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/compare/{revision}', {
        params: { path: { id, revision } },
        ...stoppedBy(signal),
      }),
    ),
  find: (id: string, text: string, matchCase: boolean, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/find', {
        params: { path: { id }, query: { text, matchCase } },
        ...stoppedBy(signal),
      }),
    ),
  cells: (id: string, at: number | null, grid: string, range: string, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/grids/{grid}/cells', {
        params: { path: { id, grid }, query: { range, ...then(at) } },
        ...stoppedBy(signal),
      }),
    ),
  column: (id: string, at: number | null, grid: string, address: string, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/grids/{grid}/cells/{address}/column', {
        params: { path: { id, grid, address }, query: then(at) },
        ...stoppedBy(signal),
      }),
    ),
  cell: (id: string, at: number | null, grid: string, address: string, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/grids/{grid}/cells/{address}', {
        params: { path: { id, grid, address }, query: then(at) },
        ...stoppedBy(signal),
      }),
    ),
  chart: (id: string, at: number | null, chart: string, view: ChartView, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/charts/{chart}', {
        params: { path: { id, chart }, query: { ...seen(view), ...then(at) } },
        ...stoppedBy(signal),
      }),
    ),
  looks: (id: string, chart: string, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/charts/{chart}/looks', {
        params: { path: { id, chart } },
        ...stoppedBy(signal),
      }),
    ),
  lookAgain: (id: string, chart: string, revision: number, key: string) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/charts/{chart}/looks/{revision}', {
        params: { path: { id, chart, revision }, header: keyed(key) },
      }),
    ),
  run: (id: string, chart: string, run: Run, signal?: AbortSignal) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/charts/{chart}/run', {
        params: { path: { id, chart } },
        body: run,
        ...stoppedBy(signal),
      }),
    ),
  chartCsv: (id: string, chart: string) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/charts/{chart}/data.csv', {
        params: { path: { id, chart } },
        parseAs: 'text',
      }),
    ),
  preview: (id: string, draft: Draft, signal?: AbortSignal) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/preview', {
        params: { path: { id } },
        body: { cursor: null, scratch: null, line: null, given: null, ...draft },
        ...stoppedBy(signal),
      }),
    ),
  tape: (id: string, signal?: AbortSignal) =>
    ask(http.GET('/api/v1/worksheets/{id}/tape', { params: { path: { id } }, ...stoppedBy(signal) })),
  keepLine: (id: string, line: Omit<TapeLine, 'line' | 'at'>, key: string) =>
    ask(http.POST('/api/v1/worksheets/{id}/tape', { params: { path: { id }, header: keyed(key) }, body: line })),
  clearTape: (id: string) => tell(http.DELETE('/api/v1/worksheets/{id}/tape', { params: { path: { id } } })),
  calculate: (expression: string, signal?: AbortSignal) =>
    ask(
      http.POST('/api/v1/calculate', {
        body: { expression, angle: null, complex: null, style: null },
        ...stoppedBy(signal),
      }),
    ),
  functions: (signal?: AbortSignal) => ask(http.GET('/api/v1/functions', stoppedBy(signal))),
  guide: (q: string, signal?: AbortSignal) =>
    ask(http.GET('/api/v1/guide', { params: { query: { q } }, ...stoppedBy(signal) })),
  guidePages: (signal?: AbortSignal) => ask(http.GET('/api/v1/guide/pages', stoppedBy(signal))),
  units: (signal?: AbortSignal) => ask(http.GET('/api/v1/units', stoppedBy(signal))),
  styles: (signal?: AbortSignal) => ask(http.GET('/api/v1/styles', stoppedBy(signal))),
  rates: (signal?: AbortSignal) => ask(http.GET('/api/v1/rates', stoppedBy(signal))),
  exchange: (rates: readonly Omit<Rate, 'sample'>[]) => ask(http.PUT('/api/v1/rates', { body: rates })),
  forgetRates: () => ask(http.DELETE('/api/v1/rates')),
  constants: (signal?: AbortSignal) => ask(http.GET('/api/v1/constants', stoppedBy(signal))),
  /** Where a worksheet is as a document; a browser that goes there keeps it as a file. */
  documentOf: (id: string, choice: DocumentChoice) =>
    `/api/v1/worksheets/${encodeURIComponent(id)}/export?${new URLSearchParams(
      Object.entries(choice).map(([name, value]) => [name, String(value)]),
    ).toString()}`,
  /** A worksheet as a page to read. */
  page: (id: string, choice: DocumentChoice) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/export', {
        params: { path: { id }, query: choice },
        parseAs: 'text',
      }),
    ),
  beginning: (id: string, choice: DocumentChoice, signal?: AbortSignal) =>
    ask(
      http.GET('/api/v1/worksheets/{id}/export/beginning', {
        params: { path: { id }, query: choice },
        ...stoppedBy(signal),
      }),
    ),
  reading: (document: Blob, query: Reading, signal?: AbortSignal) =>
    ask(
      http.POST('/api/v1/worksheets/import/reading', {
        params: { query },
        ...bytes(document),
        ...stoppedBy(signal),
      }),
    ),
  bringIn: (document: Blob, query: Reading, signal?: AbortSignal) =>
    ask(http.POST('/api/v1/worksheets/import', { params: { query }, ...bytes(document), ...stoppedBy(signal) })),
  join: (id: string, document: Blob, query: Reading, key: string, signal?: AbortSignal) =>
    ask(
      http.POST('/api/v1/worksheets/{id}/import', {
        params: { path: { id }, query, header: keyed(key) },
        ...bytes(document),
        ...stoppedBy(signal),
      }),
    ),
  /** Where the server tells that a worksheet has changed. */
  eventsOf: (id: string) => `/api/v1/worksheets/${encodeURIComponent(id)}/events`,
}
