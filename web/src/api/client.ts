import { pageId } from './pageId'
import type {
  Act,
  Calculation,
  Cell,
  CellDetail,
  ChartData,
  ChartWindow,
  ConstantEntry,
  Difference,
  EarlierLook,
  Edit,
  Found,
  Frame,
  FunctionEntry,
  Kept,
  Listed,
  Past,
  Preview,
  Rate,
  Run,
  TapeLine,
  UnitEntry,
  Worksheet,
} from './types'

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

const root = '/api/v1'
const unreachable = 'The program does not answer. What you typed is still here; try again in a moment.'

async function answered(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  key?: string,
): Promise<Response> {
  let response: Response
  try {
    response = await fetch(root + path, {
      method,
      signal: signal ?? null,
      headers: {
        'x-page': pageId(),
        ...(key === undefined ? {} : { 'idempotency-key': key }),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
  } catch (reason) {
    if (signal?.aborted) throw reason
    throw new Refusal(0, unreachable)
  }
  if (!response.ok) {
    const problem: Problem = await response.json().catch(() => ({}))
    throw new Refusal(problem.detail === undefined ? 0 : response.status, problem.detail ?? unreachable, problem)
  }
  return response
}

async function ask<T>(method: string, path: string, body?: unknown, signal?: AbortSignal, key?: string): Promise<T> {
  const response = await answered(method, path, body, signal, key)
  // The one place where an answer gets its type: the server describes it in /api/openapi.json.
  return response.json()
}

/** Asks for something that has no answer but that it is done. */
async function tell(method: string, path: string): Promise<void> {
  await answered(method, path)
}

const sheet = (id: string) => `/worksheets/${encodeURIComponent(id)}`
const grid = (id: string, gridId: string) => `${sheet(id)}/grids/${encodeURIComponent(gridId)}`

const chartOf = (id: string, chart: string) => `${sheet(id)}/charts/${encodeURIComponent(chart)}`

/** How closely a chart is looked at: its width in pixels, and the part of the axes that is seen; null for all. */
export interface ChartView {
  readonly columns: number
  readonly window: ChartWindow | null
}

const seen = ({ columns, window }: ChartView) =>
  `columns=${columns}` + (window ? `&from=${window.from}&to=${window.to}&low=${window.low}&high=${window.high}` : '')

/** Asks for the worksheet as it was at a revision. */
const then = (at: number | null, and = '?') => (at === null ? '' : `${and}at=${at}`)

/** The calls of the server that the pages use. `at` is a revision to look back to; null for now. */
export const api = {
  worksheets: (signal?: AbortSignal) => ask<readonly Listed[]>('GET', '/worksheets', undefined, signal),
  create: (title: string) => ask<Worksheet>('POST', '/worksheets', { title }),
  copy: (id: string, title: string) => ask<Worksheet>('POST', '/worksheets', { title, copyOf: id }),
  retitle: (id: string, title: string) => ask<Kept>('PATCH', sheet(id), { title }),
  remove: (id: string) => tell('DELETE', sheet(id)),
  bringBack: (id: string) => tell('POST', `${sheet(id)}/bring-back`),
  worksheet: (id: string, at: number | null, signal?: AbortSignal) =>
    ask<Worksheet>('GET', sheet(id) + then(at), undefined, signal),
  edit: (id: string, base: number, commands: readonly Edit[], key: string) =>
    ask<Kept>('POST', `${sheet(id)}/edits`, { base, commands }, undefined, key),
  act: (id: string, act: Act, key: string) => ask<Kept>('POST', `${sheet(id)}/acts`, { act }, undefined, key),
  step: (id: string, way: 'undo' | 'redo', revision: number | null, key: string) =>
    ask<Kept>('POST', `${sheet(id)}/${way}`, { revision }, undefined, key),
  restore: (id: string, revision: number, key: string) =>
    ask<Kept>('POST', `${sheet(id)}/restore`, { revision }, undefined, key),
  history: (id: string, signal?: AbortSignal) => ask<readonly Past[]>('GET', `${sheet(id)}/history`, undefined, signal),
  compare: (id: string, revision: number, signal?: AbortSignal) =>
    ask<{ readonly count: number; readonly cells: readonly Difference[] }>(
      'GET',
      `${sheet(id)}/compare/${revision}`,
      undefined,
      signal,
    ),
  find: (id: string, text: string, matchCase: boolean, signal?: AbortSignal) =>
    ask<readonly Found[]>(
      'GET',
      `${sheet(id)}/find?text=${encodeURIComponent(text)}&matchCase=${matchCase}`,
      undefined,
      signal,
    ),
  cells: (id: string, at: number | null, gridId: string, range: string, signal?: AbortSignal) =>
    ask<{ readonly revision: number; readonly cells: readonly Cell[] }>(
      'GET',
      `${grid(id, gridId)}/cells?range=${range}${then(at, '&')}`,
      undefined,
      signal,
    ),
  cell: (id: string, at: number | null, gridId: string, address: string, signal?: AbortSignal) =>
    ask<CellDetail>('GET', `${grid(id, gridId)}/cells/${address}${then(at)}`, undefined, signal),
  chart: (id: string, at: number | null, chart: string, view: ChartView, signal?: AbortSignal) =>
    ask<ChartData>('GET', `${chartOf(id, chart)}?${seen(view)}${then(at, '&')}`, undefined, signal),
  looks: (id: string, chart: string, signal?: AbortSignal) =>
    ask<readonly EarlierLook[]>('GET', `${chartOf(id, chart)}/looks`, undefined, signal),
  lookAgain: (id: string, chart: string, revision: number, key: string) =>
    ask<Kept>('POST', `${chartOf(id, chart)}/looks/${revision}`, undefined, undefined, key),
  run: (id: string, chart: string, run: Run, signal?: AbortSignal) =>
    ask<readonly Frame[]>('POST', `${chartOf(id, chart)}/run`, run, signal),
  chartCsv: async (id: string, chart: string) => (await answered('GET', `${chartOf(id, chart)}/data.csv`)).text(),
  preview: (
    id: string,
    draft: {
      readonly grid: string
      readonly address: string
      readonly entry: string
      readonly cursor: number
      readonly scratch?: boolean
    },
    signal?: AbortSignal,
  ) => ask<Preview>('POST', `${sheet(id)}/preview`, draft, signal),
  tape: (id: string, signal?: AbortSignal) => ask<readonly TapeLine[]>('GET', `${sheet(id)}/tape`, undefined, signal),
  keepLine: (id: string, line: Omit<TapeLine, 'line' | 'at'>, key: string) =>
    ask<TapeLine>('POST', `${sheet(id)}/tape`, line, undefined, key),
  clearTape: (id: string) => tell('DELETE', `${sheet(id)}/tape`),
  calculate: (expression: string, signal?: AbortSignal) =>
    ask<Calculation>('POST', '/calculate', { expression }, signal),
  functions: (signal?: AbortSignal) => ask<readonly FunctionEntry[]>('GET', '/functions', undefined, signal),
  units: (signal?: AbortSignal) => ask<readonly UnitEntry[]>('GET', '/units', undefined, signal),
  rates: (signal?: AbortSignal) => ask<readonly Rate[]>('GET', '/rates', undefined, signal),
  exchange: (rates: readonly Omit<Rate, 'sample'>[]) => ask<readonly Rate[]>('PUT', '/rates', rates),
  forgetRates: () => ask<readonly Rate[]>('DELETE', '/rates'),
  constants: (signal?: AbortSignal) => ask<readonly ConstantEntry[]>('GET', '/constants', undefined, signal),
  /** Where the server tells that a worksheet has changed. */
  eventsOf: (id: string) => `${root}${sheet(id)}/events`,
}
