import type { MouseEvent, PointerEvent } from 'react'
import { useRef } from 'react'
import type { Cell, Grid } from '../api/types'
import { goOn } from '../commands/goOn'
import { selectAfter } from '../commands/selected'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { useNotices } from '../worksheet/useNotices'
import { addressOf, areaBetween, areaText, contains } from '../sheet/address'
import { begunDrag, filledTo, LEAST_WIDTH, selectLines, type Drag } from './drag'
import { cellUnder, numberAt, showPointing, type Point } from './under'
import { putDown } from './useGridKeys'

const lineMenuOf = ({ target }: { readonly target: EventTarget }) =>
  target instanceof Element ? target.closest('[data-line-menu]') : null

/** Two presses within this time are a double click, wherever the page sends its event. */
const DOUBLE_MILLIS = 450

/**
 * What the pointer does in a grid: select by press and drag, also by the numbers and letters; move by the edge of the
 * selection; continue by its grip; set widths. While an entry is written a press puts a reference into it.
 */
export function useGridPointer(
  grid: Grid,
  widths: readonly number[],
  cells: ReadonlyMap<string, Cell>,
  onResize: (resizing: { readonly column: number; readonly width: number } | null) => void,
) {
  const open = useOpenWorksheet()
  const notices = useNotices()
  const drag = useRef<Drag | null>(null)
  const { select, compose } = useWorksheetStore.getState()
  const canChange = open.at === null

  const gripped = useRef(-DOUBLE_MILLIS)
  const down = (event: PointerEvent) => {
    if (lineMenuOf(event)) return keepSelection(event)
    if (event.button === 2) return keepSelection(event)
    if (event.button !== 0) return
    drag.current = begunDrag(event, grid, widths, canChange)
    const held = drag.current?.does
    if (held === 'continue') {
      const isSecond = event.timeStamp - gripped.current < DOUBLE_MILLIS
      gripped.current = event.timeStamp
      if (isSecond) {
        drag.current = null
        goOn(open, 'ROWS')
        return
      }
    }
    if (held === 'resize' || held === 'carry' || held === 'continue' || held === 'point') {
      event.preventDefault()
      // What lies over the grid, the composer before all, does not end the drag.
      event.currentTarget.setPointerCapture(event.pointerId)
    }
    if (held === 'point') showPointing(true)
  }

  /** The menu of a row or column, as the other button of the pointer opens it. */
  const openMenu = (event: MouseEvent) => {
    const { clientX, clientY } = event
    const line = lineMenuOf(event)
    const asked = new window.MouseEvent('contextmenu', { bubbles: true, cancelable: true, clientX, clientY })
    // After the click, which would close the menu again.
    if (line) setTimeout(() => line.dispatchEvent(asked))
  }

  /** A menu opens on what is selected; elsewhere the cell under it is selected first. */
  const keepSelection = (event: PointerEvent) => {
    const under = cellUnder(event)
    const { selection } = useWorksheetStore.getState()
    const row = numberAt(event, 'row')
    const column = numberAt(event, 'column')
    if (row !== null) return selectLines(grid, 'rows', row, row)
    if (column !== null) return selectLines(grid, 'columns', column, column)
    const isInside =
      under !== null &&
      selection.kind === 'cells' &&
      selection.grid === grid.id &&
      contains(areaBetween(selection.anchor, selection.focus), under.at)
    if (under && !isInside) select({ kind: 'cells', grid: grid.id, anchor: under.at, focus: under.at })
  }

  const move = (event: PointerEvent) => {
    const now = drag.current
    if (!now || event.buttons !== 1) return
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) event.currentTarget.setPointerCapture(event.pointerId)
    if (now.does === 'resize') {
      onResize({ column: now.column, width: Math.max(LEAST_WIDTH, Math.round(now.width + event.clientX - now.x)) })
      return
    }
    const under = cellUnder(event)
    if (!under) return
    const { at } = under
    switch (now.does) {
      case 'select':
        if (under.grid === grid.id) select({ kind: 'cells', grid: grid.id, anchor: now.from, focus: at })
        break
      case 'point':
        useWorksheetStore.getState().writer?.point(under.grid, areaBetween(now.from, at))
        break
      case 'lines':
        selectLines(grid, now.axis, now.from, now.axis === 'rows' ? at.row : at.column)
        break
      case 'continue':
        useWorksheetStore.setState({ filling: { grid: grid.id, area: filledTo(now.from, at) } })
        break
      case 'carry': {
        const { carrying } = useWorksheetStore.getState()
        if (!carrying) break
        const to = {
          column: carrying.lines === 'rows' ? 0 : Math.max(0, carrying.from.first.column + at.column - now.held.column),
          row: carrying.lines === 'columns' ? 0 : Math.max(0, carrying.from.first.row + at.row - now.held.row),
        }
        const isOther = under.grid !== grid.id && carrying.lines === 'cells'
        useWorksheetStore.setState({ carrying: { ...carrying, to: isOther ? at : to } })
        break
      }
    }
  }

  const up = (event: PointerEvent) => {
    const now = drag.current
    drag.current = null
    showPointing(false)
    if (!now) return
    if (now.does === 'resize') {
      const width = Math.max(LEAST_WIDTH, Math.round(now.width + event.clientX - now.x))
      const widened = { ...grid, widths: { ...grid.widths, [now.column]: width } }
      const done = () => onResize(null)
      if (width === now.width) done()
      else open.keep([{ do: 'changeBlock', block: widened }]).then(done, done)
    }
    if (now.does === 'continue') {
      const { filling } = useWorksheetStore.getState()
      useWorksheetStore.setState({ filling: null })
      const into = filling && areaText(filling.area)
      if (into && into !== areaText(now.from)) {
        const { area } = filling
        const asked = { do: 'continue', grid: grid.id, area: areaText(now.from), into } as const
        selectAfter(open.act(asked), grid.id, () => area)
      }
    }
    if (now.does === 'carry') {
      const under = cellUnder(event)
      putDown(open, notices, under && under.grid !== grid.id ? under.grid : '')
    }
  }

  const double = (event: Point & { readonly target: EventTarget }) => {
    const resize = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-resize]') : null
    if (resize && canChange) {
      const widthsLeft = Object.fromEntries(
        Object.entries(grid.widths).filter(([column]) => column !== resize.dataset['resize']),
      )
      void open.keep([{ do: 'changeBlock', block: { ...grid, widths: widthsLeft } }]).catch(() => undefined)
      return
    }
    const under = cellUnder(event)
    if (!under || under.grid !== grid.id || !canChange || useWorksheetStore.getState().composing) return
    const entry = cells.get(addressOf(under.at))?.entry ?? ''
    compose({ grid: grid.id, at: under.at, draft: entry, cursor: entry.length, kept: entry })
  }

  return { onClick: openMenu, onPointerDown: down, onPointerMove: move, onPointerUp: up, onDoubleClick: double }
}
