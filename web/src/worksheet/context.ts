import { createContext, useContext } from 'react'
import { useWorksheet } from '../api/queries'
import type { Act, Edit, Grid, Kept, KeptState, Outline } from '../api/types'

/** The open worksheet, and how a change of it is kept. */
export interface OpenWorksheet {
  /** Without what every change changes: {@link useKeptState} has that, so that not all of the page is drawn for it. */
  readonly worksheet: Outline
  /** The revision that is looked at, where it is an earlier one; then nothing can be changed. */
  readonly at: number | null
  /**
   * Resolves when the change is kept; rejects, with the reason told, when it is refused. Made on what the page shows now,
   * or on what it showed at the revision `base`.
   */
  readonly keep: (edits: readonly Edit[], base?: number) => Promise<Kept>
  /** The same for what the program works out itself. */
  readonly act: (act: Act) => Promise<Kept>
  /** Resolves when all that was sent is kept, so that what is asked then is answered with it. */
  readonly kept: () => Promise<void>
  readonly grids: readonly Grid[]
}

export const WorksheetContext = createContext<OpenWorksheet | null>(null)

/** The open worksheet; only below a worksheet page. */
export function useOpenWorksheet(): OpenWorksheet {
  const open = useContext(WorksheetContext)
  if (!open) throw new Error('useOpenWorksheet needs a worksheet page around it')
  return open
}

/** Which revision of the open worksheet this is, and what can be done about it. */
export function useKeptState(): KeptState {
  const { worksheet, at } = useOpenWorksheet()
  const { data } = useWorksheet(worksheet.id, at)
  if (!data) throw new Error('an open worksheet must be loaded')
  return data
}
