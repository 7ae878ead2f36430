import type { PointerEvent } from 'react'
import { useRef } from 'react'
import type { Cell, Grid } from '../api/types'
import { selectAfter } from '../commands/selected'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { useNotices } from '../worksheet/useNotices'
import { addressOf, areaBetween, areaText, atOf, contains, type Area, type At } from '../sheet/address'
import { putDown } from './useGridKeys'

type Point = { readonly clientX: number; readonly clientY: number }

/** The cell under the pointer, with its grid; of a number or letter the first of its line. What lies over is looked through. */
function cellUnder({ clientX, clientY }: Point): { readonly grid: string; readonly at: At } | null {
  for (const element of document.elementsFromPoint(clientX, clientY)) {
    const cell = element.closest<HTMLElement>('[data-cell]')
    const { grid, cell: address } = cell?.dataset ?? {}
    if (grid && address) return { grid, at: atOf(address) }
    const head = element.closest<HTMLElement>('[data-row], [data-column]')
    const block = head?.closest('[id^="block-"]')?.id.slice('block-'.length)
    if (head && block) {
      return { grid: block, at: { column: Number(head.dataset['column'] ?? 0), row: Number(head.dataset['row'] ?? 0) } }
    }
  }
  return null
}

/** The number that the element under the pointer carries as `data-…`. */
function numberAt(event: PointerEvent, name: string): number | null {
  const element = event.target instanceof Element ? event.target.closest<HTMLElement>(`[data-${name}]`) : null
  return element ? Number(element.dataset[name]) : null
}

/** While cells are pointed at, the composer lets them be seen. */
const showPointing = (isPointing: boolean) => document.documentElement.toggleAttribute('data-pointing', isPointing)

const LEAST_WIDTH = 40

/** What a drag that has begun does. */
type Drag =
  | { readonly does: 'select'; readonly from: At }
  | { readonly does: 'point'; readonly from: At }
  | { readonly does: 'lines'; readonly axis: 'rows' | 'columns'; readonly from: number }
  | { readonly does: 'continue'; readonly from: Area }
  | { readonly does: 'carry'; readonly held: At }
  | { readonly does: 'resize'; readonly column: number; readonly x: number; readonly width: number }

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

  const whole = (axis: 'rows' | 'columns', one: number, other: number): void =>
    select(
      axis === 'rows'
        ? {
            kind: 'cells',
            grid: grid.id,
            anchor: { column: grid.columns - 1, row: one },
            focus: { column: 0, row: other },
          }
        : {
            kind: 'cells',
            grid: grid.id,
            anchor: { column: one, row: grid.rows - 1 },
            focus: { column: other, row: 0 },
          },
    )

  const begin = (event: PointerEvent): Drag | null => {
    const { writer, selection } = useWorksheetStore.getState()
    const own = selection.kind === 'cells' && selection.grid === grid.id ? selection : null
    const area = own && areaBetween(own.anchor, own.focus)
    const target = event.target instanceof Element ? event.target : null
    const under = cellUnder(event)
    const resize = numberAt(event, 'resize')
    if (resize !== null && canChange) {
      return { does: 'resize', column: resize, x: event.clientX, width: widths[resize] ?? LEAST_WIDTH }
    }
    if (area && canChange && target?.closest('[data-grip]')) return { does: 'continue', from: area }
    if (area && canChange && target?.closest('[data-edge]')) {
      useWorksheetStore.setState({ carrying: { grid: grid.id, from: area, to: area.first, lines: 'cells' } })
      return { does: 'carry', held: under?.at ?? area.first }
    }
    const row = numberAt(event, 'row')
    const column = numberAt(event, 'column')
    const line = row ?? column
    if (line !== null) {
      writer?.finish()
      const axis = row === null ? 'columns' : 'rows'
      const isHeld =
        area !== null &&
        canChange &&
        (row === null
          ? area.first.row === 0 &&
            area.last.row >= grid.rows - 1 &&
            line >= area.first.column &&
            line <= area.last.column
          : area.first.column === 0 &&
            area.last.column >= grid.columns - 1 &&
            line >= area.first.row &&
            line <= area.last.row)
      if (isHeld && area && !event.shiftKey) {
        useWorksheetStore.setState({ carrying: { grid: grid.id, from: area, to: area.first, lines: axis } })
        return { does: 'carry', held: row === null ? { column: line, row: 0 } : { column: 0, row: line } }
      }
      const from = event.shiftKey && own ? (row === null ? own.anchor.column : own.anchor.row) : line
      whole(axis, from, line)
      return { does: 'lines', axis, from }
    }
    if (!under || under.grid !== grid.id || !target?.closest('[data-cell]')) return null
    const { at } = under
    if (writer?.point(grid.id, areaBetween(at, at))) {
      event.preventDefault()
      return { does: 'point', from: at }
    }
    writer?.finish()
    const extended = event.shiftKey && own
    select({ kind: 'cells', grid: grid.id, anchor: extended ? own.anchor : at, focus: at })
    return { does: 'select', from: extended ? own.anchor : at }
  }

  const down = (event: PointerEvent) => {
    if (event.button === 2) return keepSelection(event)
    if (event.button !== 0) return
    drag.current = begin(event)
    const held = drag.current?.does
    if (held === 'resize' || held === 'carry' || held === 'continue' || held === 'point') {
      event.preventDefault()
      // What lies over the grid, the composer before all, does not end the drag.
      event.currentTarget.setPointerCapture(event.pointerId)
    }
    if (held === 'point') showPointing(true)
  }

  /** A menu opens on what is selected; elsewhere the cell under it is selected first. */
  const keepSelection = (event: PointerEvent) => {
    const under = cellUnder(event)
    const { selection } = useWorksheetStore.getState()
    const row = numberAt(event, 'row')
    const column = numberAt(event, 'column')
    if (row !== null) return whole('rows', row, row)
    if (column !== null) return whole('columns', column, column)
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
        whole(now.axis, now.from, now.axis === 'rows' ? at.row : at.column)
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

  return { onPointerDown: down, onPointerMove: move, onPointerUp: up, onDoubleClick: double }
}

/** The selection and the cells that a grip dragged to a cell would fill: down or to the right, whichever is farther. */
function filledTo(from: Area, at: At): Area {
  const down = at.row - from.last.row
  const right = at.column - from.last.column
  if (down <= 0 && right <= 0) return from
  return down >= right
    ? { first: from.first, last: { column: from.last.column, row: at.row } }
    : { first: from.first, last: { column: at.column, row: from.last.row } }
}
