/** All keys of the query cache. */
export const keys = {
  worksheets: ['worksheets'] as const,
  outline: (id: string) => ['worksheet', id, 'outline'] as const,
  cells: (id: string, grid: string) => ['worksheet', id, 'cells', grid] as const,
  page: (id: string, grid: string, page: number, columns: number) =>
    ['worksheet', id, 'cells', grid, page, columns] as const,
  cell: (id: string, grid: string, address: string) => ['worksheet', id, 'cell', grid, address] as const,
  chart: (id: string, chart: string) => ['worksheet', id, 'chart', chart] as const,
  preview: (id: string, grid: string, address: string, entry: string, cursor: number) =>
    ['preview', id, grid, address, entry, cursor] as const,
}
