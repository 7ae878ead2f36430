import { useEffect, type RefObject } from 'react'
import type { Cell, Grid } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { moveUnlessRefused } from './overwriting'
import { useWorksheetStore, type Clip } from '../worksheet/store'
import { selectAfter } from '../commands/selected'
import { useNotices } from '../worksheet/useNotices'
import { addressOf, areaBetween, areaText, type Area, type At } from '../sheet/address'
import { useHeldRows } from './useHeldRows'
import { readingOf, typedOf } from './readAs'
import { asHtml, asText, rowsOfHtml, rowsOfText } from './pasted'

/**
 * Copy, cut and paste. Inside the program cells go with their formulas, and references follow; to and from other programs
 * they go as a table of values with all their digits.
 */
export function useClipboard(grid: Grid, cells: ReadonlyMap<string, Cell>, body: RefObject<HTMLElement | null>) {
  const open = useOpenWorksheet()
  const { at, keep } = open
  const held = useHeldRows(grid, cells)
  const notices = useNotices()

  const selectedArea = (): { readonly area: Area; readonly focus: At } | null => {
    const { selection } = useWorksheetStore.getState()
    return selection.kind === 'cells' && selection.grid === grid.id
      ? { area: areaBetween(selection.anchor, selection.focus), focus: selection.focus }
      : null
  }

  const take = (isCut: boolean) => (event: ClipboardEvent) => {
    const now = selectedArea()
    if (!now || (isCut && at !== null)) return
    event.preventDefault()
    const put = (text: string) => useWorksheetStore.setState({ clip: { grid: grid.id, area: now.area, isCut, text } })
    const rows = held.rowsNow(now.area)
    if (rows) {
      event.clipboardData?.setData('text/plain', asText(rows))
      event.clipboardData?.setData('text/html', asHtml(rows))
      put(asText(rows))
      return
    }
    const coming = held.fetchRows(now.area).then(
      (rows) => {
        put(asText(rows))
        // Where the browser does not allow it, only this page has it.
        return navigator.clipboard.writeText(asText(rows)).catch(() => undefined)
      },
      (reason: unknown) => {
        useWorksheetStore.setState({ clip: null })
        notices.refuse(reason instanceof Error ? reason.message : 'The cells could not be copied.')
      },
    )
    void coming.then(() => {
      if (useWorksheetStore.getState().clipComing === coming) useWorksheetStore.setState({ clipComing: null })
    })
    useWorksheetStore.setState({ clipComing: coming })
  }

  /** Cells of this page, with their formulas. */
  const pasteOwn = (clip: Clip, onto: Area) => {
    const to = onto.first
    const columns = clip.area.last.column - clip.area.first.column
    const rows = clip.area.last.row - clip.area.first.row
    const target = { first: to, last: { column: to.column + columns, row: to.row + rows } }
    const into = areaText(clip.isCut || areaText(onto) === addressOf(to) ? target : wholeTimes(clip.area, onto))
    const area = areaText(clip.area)
    if (clip.isCut) {
      void moveUnlessRefused(open, notices, { grid: clip.grid, from: clip.area, toGrid: grid.id, to }, () => {
        useWorksheetStore.setState({ clip: null })
        const edit = { do: 'moveCells', grid: clip.grid, area, toGrid: grid.id, to: addressOf(to) } as const
        selectAfter(keep([edit]), grid.id, () => target)
      })
    } else selectAfter(keep([{ do: 'copyCells', grid: clip.grid, area, toGrid: grid.id, into }]), grid.id, () => target)
  }

  const paste = (event: ClipboardEvent) => {
    const now = selectedArea()
    if (!now || at !== null) return
    event.preventDefault()
    const { clip, clipComing } = useWorksheetStore.getState()
    const text = event.clipboardData?.getData('text/plain') ?? ''
    const to = now.area.first
    if (clipComing) {
      // What was copied last is not known yet: it waits for changes before it.
      void clipComing.then(() => {
        const { clip: copied } = useWorksheetStore.getState()
        if (copied) pasteOwn(copied, now.area)
      })
      return
    }
    if (clip && sameText(clip.text, text)) {
      pasteOwn(clip, now.area)
      return
    }
    const html = event.clipboardData?.getData('text/html') ?? ''
    const rows = (html === '' ? null : rowsOfHtml(html)) ?? rowsOfText(text)
    const typed = rows.flatMap((row, down) =>
      row.map((entry, right) => ({
        cell: addressOf({ column: to.column + right, row: to.row + down }),
        text: entry,
      })),
    )
    if (typed.every((each) => each.text === ''))
      return notices.warn('There is nothing on the clipboard that a cell can hold.')
    keep([{ do: 'enter', grid: grid.id, cells: typed }]).then(
      ({ changed }) => {
        const { says, others } = readingOf(typedOf(changed, grid.id, typed))
        if (others.length === 0) notices.tell(says)
        else
          notices.offerAny(
            says,
            others.map(({ label, act }) => ({ label, act: () => void open.act(act).catch(() => undefined) })),
          )
      },
      () => undefined,
    )
  }

  // The browser sends these to the page and not to what has the focus.
  useEffect(() => {
    const own = (act: (event: ClipboardEvent) => void) => (event: ClipboardEvent) => {
      if (document.activeElement === body.current) act(event)
    }
    const acts = { copy: own(take(false)), cut: own(take(true)), paste: own(paste) }
    document.addEventListener('copy', acts.copy)
    document.addEventListener('cut', acts.cut)
    document.addEventListener('paste', acts.paste)
    return () => {
      document.removeEventListener('copy', acts.copy)
      document.removeEventListener('cut', acts.cut)
      document.removeEventListener('paste', acts.paste)
    }
  })
}

/** Some browsers turn line breaks on the clipboard. */
const sameText = (one: string, other: string) => one.replaceAll('\r\n', '\n') === other.replaceAll('\r\n', '\n')

/** As much of the selection as holds the copied cells a whole number of times, once at least. */
function wholeTimes(copied: Area, selected: Area): Area {
  const size = (area: Area) => ({
    columns: area.last.column - area.first.column + 1,
    rows: area.last.row - area.first.row + 1,
  })
  const unit = size(copied)
  const room = size(selected)
  const { column, row } = selected.first
  return {
    first: selected.first,
    last: {
      column: column + Math.max(1, Math.floor(room.columns / unit.columns)) * unit.columns - 1,
      row: row + Math.max(1, Math.floor(room.rows / unit.rows)) * unit.rows - 1,
    },
  }
}
