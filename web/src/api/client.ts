import type { Cell, CellDetail, ChartData, Edit, Kept, Listed, Preview, Worksheet } from './types'

/** A refusal of the server, with its sentence. */
export class Refusal extends Error {
  readonly status: number

  constructor(status: number, message: string) {
    super(message)
    this.status = status
  }
}

const root = '/api/v1'
const unreachable = 'The program does not answer. What you typed is still here; try again in a moment.'

async function ask<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  let response: Response
  try {
    response = await fetch(root + path, {
      method,
      signal: signal ?? null,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    })
  } catch (reason) {
    if (signal?.aborted) throw reason
    throw new Refusal(0, unreachable)
  }
  if (!response.ok) {
    const problem: { detail?: string } = await response.json().catch(() => ({}))
    throw new Refusal(response.status, problem.detail ?? unreachable)
  }
  // The one place where an answer gets its type: the server describes it in /api/openapi.json.
  return response.json()
}

const sheet = (id: string) => `/worksheets/${encodeURIComponent(id)}`
const grid = (id: string, gridId: string) => `${sheet(id)}/grids/${encodeURIComponent(gridId)}`

/** The calls of the server that the pages use. */
export const api = {
  worksheets: (signal?: AbortSignal) => ask<readonly Listed[]>('GET', '/worksheets', undefined, signal),
  create: (title: string) => ask<Worksheet>('POST', '/worksheets', { title }),
  worksheet: (id: string, signal?: AbortSignal) => ask<Worksheet>('GET', sheet(id), undefined, signal),
  edit: (id: string, base: number, commands: readonly Edit[]) =>
    ask<Kept>('POST', `${sheet(id)}/edits`, { base, commands }),
  undo: (id: string) => ask<Kept>('POST', `${sheet(id)}/undo`),
  redo: (id: string) => ask<Kept>('POST', `${sheet(id)}/redo`),
  cells: (id: string, gridId: string, range: string, signal?: AbortSignal) =>
    ask<{ readonly revision: number; readonly cells: readonly Cell[] }>(
      'GET',
      `${grid(id, gridId)}/cells?range=${range}`,
      undefined,
      signal,
    ),
  cell: (id: string, gridId: string, address: string, signal?: AbortSignal) =>
    ask<CellDetail>('GET', `${grid(id, gridId)}/cells/${address}`, undefined, signal),
  chart: (id: string, chart: string, signal?: AbortSignal) =>
    ask<ChartData>('GET', `${sheet(id)}/charts/${encodeURIComponent(chart)}`, undefined, signal),
  preview: (
    id: string,
    draft: { readonly grid: string; readonly address: string; readonly entry: string; readonly cursor: number },
    signal?: AbortSignal,
  ) => ask<Preview>('POST', `${sheet(id)}/preview`, draft, signal),
}
