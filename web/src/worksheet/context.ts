import { createContext, useContext } from 'react'
import type { Act, Edit, Grid, Kept, Worksheet } from '../api/types'

/** The open worksheet, and how a change of it is kept. */
export interface OpenWorksheet {
  readonly worksheet: Worksheet
  /** The revision that is looked at, where it is an earlier one; then nothing can be changed. */
  readonly at: number | null
  /** Resolves when the change is kept; rejects, with the reason told, when it is refused. */
  readonly keep: (edits: readonly Edit[]) => Promise<Kept>
  /** The same for what the program works out itself. */
  readonly act: (act: Act) => Promise<Kept>
  readonly grids: readonly Grid[]
}

export const WorksheetContext = createContext<OpenWorksheet | null>(null)

/** The open worksheet; only below a worksheet page. */
export function useOpenWorksheet(): OpenWorksheet {
  const open = useContext(WorksheetContext)
  if (!open) throw new Error('useOpenWorksheet needs a worksheet page around it')
  return open
}
