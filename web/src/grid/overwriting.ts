import { api } from '../api/client'
import type { OpenWorksheet } from '../worksheet/context'
import type { Notices } from '../worksheet/useNotices'
import { addressOf, areaText, atOf, contains, type Area, type At } from '../sheet/address'

/** So many of the cells are named. */
const MOST_NAMED = 3

interface Move {
  readonly grid: string
  readonly from: Area
  readonly toGrid: string
  readonly to: At
}

/** Moves, and says before what would be overwritten, hidden cells included. */
export async function moveUnlessRefused(
  { worksheet, kept }: Pick<OpenWorksheet, 'worksheet' | 'kept'>,
  notices: Notices,
  { grid, from, toGrid, to }: Move,
  move: () => void,
): Promise<void> {
  const last = {
    column: to.column + from.last.column - from.first.column,
    row: to.row + from.last.row - from.first.row,
  }
  const target = { first: to, last }
  await kept()
  const window = await api.cells(worksheet.id, null, toGrid, areaText(target)).catch((reason: unknown) => {
    notices.refuse(reason instanceof Error ? reason.message : 'It could not be looked at what is there.')
    return null
  })
  if (!window) return
  const lost = window.cells.filter(
    ({ entry, address }) => entry !== '' && !(toGrid === grid && contains(from, atOf(address))),
  )
  if (lost.length === 0) {
    move()
    return
  }
  const named = lost.slice(0, MOST_NAMED).map(({ address, entry }) => `\`${address}\` with \`${entry}\``)
  const more = lost.length > MOST_NAMED ? ` and ${lost.length - MOST_NAMED} more` : ''
  notices.choose(`Moving to \`${addressOf(to)}\` overwrites ${named.join(', ')}${more}.`, [
    { label: 'Move and overwrite', act: move },
    { label: 'Leave all as it is', act: () => undefined },
  ])
}
