import { useEffect } from 'react'
import { atOf } from '../sheet/address'
import { draftOf, drafts } from './drafts'
import { useWorksheetStore } from './store'
import { useNotices } from './useNotices'

/** More are found when their cells are written in again. */
const MOST = 3

/** What was being written in cells when the page was left is offered again, once. */
export function useDraftOffers(id: string, canChange: boolean) {
  const notices = useNotices()
  useEffect(() => {
    if (!canChange) return
    for (const { grid, address, text } of drafts.cells(id).slice(0, MOST)) {
      notices.keep(`What you were writing in ${address} is still here: \`${text}\``, 'Write on', () => {
        const at = atOf(address)
        const { select, compose } = useWorksheetStore.getState()
        const draft = drafts.read(id, draftOf.cell(grid, address)) ?? text
        select({ kind: 'cells', grid, anchor: at, focus: at })
        compose({ grid, at, draft, cursor: draft.length, kept: '' })
      })
    }
  }, [id, canChange, notices])
}
