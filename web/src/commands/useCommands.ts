import { useMemo } from 'react'
import { useNotices } from '../worksheet/useNotices'
import { useOpenWorksheet } from '../worksheet/context'
import { algebraCommands } from './algebraCommands'
import { cellCommands } from './cellCommands'
import { chartCommands } from './chartCommands'
import type { Command } from './command'
import { lineCommands } from './lineCommands'
import { pageCommands } from './pageCommands'
import { useReadCell } from './useReadCell'
import { viewCommands } from './viewCommands'

/** All that can be done on the open worksheet. */
export function useCommands(step: (way: 'undo' | 'redo') => void): readonly Command[] {
  const open = useOpenWorksheet()
  const read = useReadCell()
  const notices = useNotices()
  return useMemo(
    () => [
      ...cellCommands(open, read, notices, step),
      ...algebraCommands(open, read),
      ...lineCommands(open),
      ...pageCommands(open, read),
      ...chartCommands(open),
      ...viewCommands(open, read, step),
    ],
    [open, read, notices, step],
  )
}
