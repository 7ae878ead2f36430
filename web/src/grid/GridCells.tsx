import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef, useState } from 'react'
import { PAGE_ROWS, usePages } from '../api/queries'
import type { Cell, Grid } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { useWithUnkept } from '../worksheet/useUnkept'
import { addressOf, areaBetween } from '../sheet/address'
import { Announcement } from './Announcement'
import { LETTERS_HEIGHT, ROW_HEAD, ROW_HEIGHT, type Geometry } from './geometry'
import styles from './GridBlock.module.css'
import { GridRow } from './GridRow'
import { columnDecimals, columnWidths } from './layout'
import { Letters } from './Letters'
import { NewLines } from './NewLines'
import { shownRows } from './lines'
import { Overlays } from './Overlays'
import { useClipboard } from './useClipboard'
import { useGridKeys } from './useGridKeys'
import { useGridPointer } from './useGridPointer'

/** The cells of a grid. Rows are drawn only where they are in view; headings stay in view. */
export function GridCells({ grid }: { readonly grid: Grid }) {
  const { worksheet, at } = useOpenWorksheet()
  const selection = useWorksheetStore((state) => state.selection)
  const isWriting = useWorksheetStore((state) => state.composing !== null)
  const [resizing, setResizing] = useState<{ readonly column: number; readonly width: number } | null>(null)
  const own = selection.kind === 'cells' && selection.grid === grid.id ? selection : null
  const focus = own?.focus
  const rowCount = Math.max(grid.rows, (focus?.row ?? 0) + 1)
  const columns = Math.max(grid.columns, (focus?.column ?? 0) + 1)

  const scroller = useRef<HTMLDivElement>(null)
  const body = useRef<HTMLDivElement>(null)
  const rows = useMemo(() => shownRows(grid, rowCount), [grid, rowCount])
  const headings = rows.placeOf(Math.min(grid.headings, rowCount))
  const virtual = useVirtualizer({
    count: rows.count - headings,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 6,
    scrollMargin: 0,
  })
  const visible = virtual.getVirtualItems()
  const firstPage = Math.floor(rows.lineAt((visible[0]?.index ?? 0) + headings) / PAGE_ROWS)
  const lastPage = Math.floor(rows.lineAt((visible.at(-1)?.index ?? 0) + headings) / PAGE_ROWS)
  const wanted = Array.from({ length: lastPage - firstPage + 1 }, (_, index) => firstPage + index)
  const pages = headings > 0 && firstPage > 0 ? [0, ...wanted] : wanted
  const cells = useWithUnkept(worksheet.id, grid.id, usePages(worksheet.id, at, grid.id, pages, columns))
  const widths = useMemo(() => {
    const natural = columnWidths(grid, columns, cells)
    return natural.map((width, column) =>
      grid.hiddenColumns.includes(column) ? 0 : resizing?.column === column ? resizing.width : width,
    )
  }, [grid, columns, cells, resizing])
  const decimals = useMemo(() => columnDecimals(columns, cells), [columns, cells])
  const changed = useWorksheetStore((state) => state.changed)
  const area = own ? areaBetween(own.anchor, own.focus) : null
  const press = useGridKeys(grid, rows, cells)
  const pointer = useGridPointer(grid, widths, cells, setResizing)
  useClipboard(grid, cells, body)
  const geometry: Geometry = { widths, rows, headings }
  const stays = useMemo(
    () => (widths[0] ?? 0) <= MOST_OF_LABELS && isLabels(grid.headings, cells.values()),
    [grid.headings, cells, widths],
  )
  const kept = ROW_HEAD + (stays ? (widths[0] ?? 0) : 0)

  // The keyboard comes with a selection, not with every change of the grid: somebody may be writing elsewhere by then.
  useEffect(() => {
    if (!focus || isWriting || useWorksheetStore.getState().panel !== null) return
    if (document.activeElement !== body.current) body.current?.focus({ preventScroll: true })
  }, [focus, isWriting])

  useEffect(() => {
    if (!focus) return
    const place = rows.placeOf(focus.row) - headings
    const box = scroller.current
    const top = place * ROW_HEIGHT
    const room = (box?.clientHeight ?? 0) - LETTERS_HEIGHT - headings * ROW_HEIGHT
    const isShown = box !== null && top >= box.scrollTop && top + ROW_HEIGHT <= box.scrollTop + room
    if (place >= 0 && !isShown) virtual.scrollToIndex(place)
    const cell = document.getElementById(`cell-${grid.id}-${addressOf(focus)}`)
    if (cell && !isInView(cell, focus.column === 0 ? 0 : kept)) {
      cell.scrollIntoView({ block: 'nearest', inline: 'nearest' })
    }
  }, [focus, virtual, rows, headings, kept, grid.id, grid.headings])

  const template = `${ROW_HEAD}px ${widths
    .filter((width) => width > 0)
    .map((width) => `${width}px`)
    .join(' ')}`
  const width = widths.reduce((sum, each) => sum + each, ROW_HEAD)
  const overlays = { grid: grid.id, geometry, area, canChange: at === null }
  const row = (line: number, start: number) => {
    const isIn = area !== null && line >= area.first.row && line <= area.last.row
    return (
      <GridRow
        key={line}
        grid={grid}
        row={line}
        start={start}
        selectedFrom={isIn ? area.first.column : -1}
        selectedTo={isIn ? area.last.column : -1}
        focused={focus?.row === line ? focus.column : -1}
        isBehindHidden={line > 0 && rows.isHidden(line - 1)}
        {...{ widths, cells, decimals, changed }}
      />
    )
  }

  return (
    <>
      <div className={styles.scroller} ref={scroller} data-stays={stays} style={{ scrollPaddingInlineStart: kept }}>
        <div
          ref={body}
          role="grid"
          tabIndex={0}
          aria-label={grid.title}
          aria-rowcount={rowCount + 1}
          aria-colcount={columns + 1}
          aria-multiselectable="true"
          aria-readonly={at !== null}
          aria-activedescendant={focus ? `cell-${grid.id}-${addressOf(focus)}` : undefined}
          className={styles.grid}
          style={{ width }}
          onKeyDown={press}
          onFocus={() => {
            const { selection: now, select } = useWorksheetStore.getState()
            if (now.kind === 'cells' && now.grid === grid.id) return
            if (body.current?.matches(':focus-visible')) {
              const first = { column: 0, row: 0 }
              select({ kind: 'cells', grid: grid.id, anchor: first, focus: first })
            }
          }}
          {...pointer}
        >
          <div role="rowgroup" className={styles.head}>
            <Letters widths={widths} template={template} area={area} />
            {headings > 0 && (
              <div role="presentation" className={styles.headings} style={{ height: headings * ROW_HEIGHT }}>
                {Array.from({ length: headings }, (_, place) => row(rows.lineAt(place), place * ROW_HEIGHT))}
                <Overlays {...overlays} part="headings" />
              </div>
            )}
          </div>
          <div role="rowgroup" className={styles.rows} style={{ height: virtual.getTotalSize() }}>
            {visible.map(({ index, start }) => row(rows.lineAt(index + headings), start))}
            <Overlays {...overlays} part="body" />
          </div>
        </div>
        <div className={styles.more} aria-hidden="true" />
      </div>
      {at === null && <NewLines grid={grid} />}
      {area && <Announcement area={area} cell={focus && cells.get(addressOf(focus))} at={focus} />}
    </>
  )
}

/** The widest column of labels that stays in view: a wider one would leave little of the others. */
const MOST_OF_LABELS = 320

/** Whether the first column has texts alone, which tell what the other cells of their row are. */
function isLabels(headings: number, cells: Iterable<Cell>): boolean {
  const first = [...cells].filter((cell) => cell.column === 0 && cell.row >= headings && cell.kind !== 'empty')
  return first.length > 0 && first.every((cell) => cell.kind === 'text')
}

/** Whether all of a cell is seen, with nothing of the page over it, nor the columns that stay. */
function isInView(cell: HTMLElement, kept: number): boolean {
  const box = cell.getBoundingClientRect()
  const page = cell.closest('main')?.getBoundingClientRect()
  const grid = cell.closest('[role="grid"]')?.parentElement?.getBoundingClientRect()
  return [page, grid].every(
    (frame) =>
      frame !== undefined &&
      box.top >= frame.top &&
      box.bottom <= frame.bottom &&
      box.left >= frame.left + (frame === grid ? kept : 0) &&
      box.right <= frame.right,
  )
}
