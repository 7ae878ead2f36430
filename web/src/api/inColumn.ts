import type { Cell } from './types'
import { atOf } from '../sheet/address'

/** A cell of a column with its row, from 0. */
export interface InColumn {
  readonly row: number
  readonly cell: Pick<Cell, 'address' | 'display' | 'kind'>
}

/** The cells of one column, from the top. */
export const inColumn = (cells: readonly InColumn['cell'][]): readonly InColumn[] =>
  cells.map((cell) => ({ row: atOf(cell.address).row, cell }))
