import type { ChartView } from './client'
import type { Draft, Run } from './types'

/** All keys of the query cache. A worksheet's carry the revision that is looked at; null for now. */
export const keys = {
  worksheets: ['worksheets'] as const,
  reading: (file: File | null, chosen: unknown) =>
    ['reading', file?.name, file?.size, file?.lastModified, chosen] as const,
  outline: (id: string, at: number | null = null) => ['worksheet', id, 'outline', at] as const,
  keeping: (id: string) => ['keeping', id] as const,
  allCells: (id: string) => ['worksheet', id, 'cells'] as const,
  cells: (id: string, grid: string) => ['worksheet', id, 'cells', null, grid] as const,
  page: (id: string, at: number | null, grid: string, page: number, columns: number) =>
    ['worksheet', id, 'cells', at, grid, page, columns] as const,
  column: (id: string, at: number | null, grid: string, address: string) =>
    ['worksheet', id, 'column', at, grid, address] as const,
  everyCell: (id: string) => ['worksheet', id, 'cell'] as const,
  cell: (id: string, at: number | null, grid: string, address: string) =>
    ['worksheet', id, 'cell', at, grid, address] as const,
  charts: (id: string) => ['worksheet', id, 'chart'] as const,
  chart: (id: string, at: number | null, chart: string, view: ChartView) =>
    ['worksheet', id, 'chart', at, chart, view] as const,
  looks: (id: string, chart: string, revision: number) => ['worksheet', id, 'looks', chart, revision] as const,
  run: (id: string, chart: string, revision: number, run: Run | null) =>
    ['worksheet', id, 'run', chart, revision, run] as const,
  history: (id: string) => ['worksheet', id, 'history'] as const,
  comparison: (id: string, revision: number) => ['worksheet', id, 'history', revision] as const,
  everyFound: (id: string) => ['worksheet', id, 'found'] as const,
  found: (id: string, text: string, matchCase: boolean) => ['worksheet', id, 'found', text, matchCase] as const,
  tape: (id: string) => ['tape', id] as const,
  preview: (id: string, draft: Draft) => ['preview', id, draft] as const,
  calculation: (expression: string) => ['calculation', expression] as const,
  functions: ['functions'] as const,
  guide: (question: string) => ['guide', question] as const,
  guidePages: ['guide-pages'] as const,
  units: ['units'] as const,
  styles: ['styles'] as const,
  constants: ['constants'] as const,
  rates: ['rates'] as const,
}
