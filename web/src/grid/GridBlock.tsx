import { useVirtualizer } from '@tanstack/react-virtual'
import { Dropdown } from 'antd'
import { useEffect, useMemo, useRef, useState } from 'react'
import { PAGE_ROWS, usePages } from '../api/queries'
import type { Cell, Grid } from '../api/types'
import { useMenu } from '../commands/useMenu'
import { BlockCaption } from '../page/BlockCaption'
import { useOpenWorksheet } from '../worksheet/context'
import { changedKey, useWorksheetStore } from '../worksheet/store'
import { addressOf, areaBetween, contains, type Area } from './address'
import { Announcement } from './Announcement'
import { ROW_HEAD, ROW_HEIGHT, type Geometry } from './geometry'
import styles from './GridBlock.module.css'
import { GridCell } from './GridCell'
import { columnDecimals, columnWidths } from './layout'
import { Letters } from './Letters'
import { shownRows } from './lines'
import { Overlays } from './Overlays'
import { useClipboard } from './useClipboard'
import { useGridKeys } from './useGridKeys'
import { useGridPointer } from './useGridPointer'
import { useHighlights } from './useHighlights'

/** A grid with its title. Its rows are drawn only where they are in view; headings stay in view. */
export function GridBlock({ grid }: { readonly grid: Grid }) {
  const { worksheet, at, keep } = useOpenWorksheet()
  const selection = useWorksheetStore((state) => state.selection)
  const composing = useWorksheetStore((state) => state.composing?.grid === grid.id)
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
    overscan: 12,
    scrollMargin: 0,
  })
  const visible = virtual.getVirtualItems()
  const firstPage = Math.floor(rows.lineAt((visible[0]?.index ?? 0) + headings) / PAGE_ROWS)
  const lastPage = Math.floor(rows.lineAt((visible.at(-1)?.index ?? 0) + headings) / PAGE_ROWS)
  const wanted = Array.from({ length: lastPage - firstPage + 1 }, (_, index) => firstPage + index)
  const pages = headings > 0 && firstPage > 0 ? [0, ...wanted] : wanted
  const cells = usePages(worksheet.id, at, grid.id, pages, columns)
  const widths = useMemo(() => {
    const natural = columnWidths(grid, columns, cells)
    return natural.map((width, column) =>
      grid.hiddenColumns.includes(column) ? 0 : resizing?.column === column ? resizing.width : width,
    )
  }, [grid, columns, cells, resizing])
  const decimals = useMemo(() => columnDecimals(columns, cells), [columns, cells])
  const highlights = useHighlights(worksheet.id, at).filter((highlight) => highlight.grid === grid.id)
  const area = own ? areaBetween(own.anchor, own.focus) : null
  const press = useGridKeys(grid, rows, cells)
  const pointer = useGridPointer(grid, widths, cells, setResizing)
  useClipboard(grid, cells, body)
  const menu = useMenu(['Cells', 'Rows and columns'])
  const geometry: Geometry = { widths, rows, headings }

  useEffect(() => {
    if (!focus) return
    if (focus.row >= grid.headings) virtual.scrollToIndex(rows.placeOf(focus.row) - headings)
    if (!composing) body.current?.focus({ preventScroll: true })
    document
      .getElementById(`cell-${grid.id}-${addressOf(focus)}`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [focus, composing, virtual, rows, headings, grid.id, grid.headings])

  const template = `${ROW_HEAD}px ${widths
    .filter((width) => width > 0)
    .map((width) => `${width}px`)
    .join(' ')}`
  const width = widths.reduce((sum, each) => sum + each, ROW_HEAD)
  const overlays = { grid: grid.id, geometry, area, highlights, canChange: at === null }
  const row = (line: number, start: number) => (
    <Row key={line} grid={grid} row={line} start={start} {...{ template, widths, cells, decimals, area, rows }} />
  )

  return (
    <figure
      className={styles.block}
      id={`block-${grid.id}`}
      data-active={own !== null}
      aria-label={`Grid ${grid.title}`}
    >
      <BlockCaption
        block={grid}
        onTitle={(title) => void keep([{ do: 'changeBlock', block: { ...grid, title } }]).catch(() => undefined)}
      >
        {grid.rows} × {grid.columns}
      </BlockCaption>
      <Dropdown menu={menu} trigger={['contextMenu']} disabled={at !== null}>
        <div className={styles.scroller} ref={scroller}>
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
        </div>
      </Dropdown>
      {area && <Announcement area={area} cell={focus && cells.get(addressOf(focus))} at={focus} />}
    </figure>
  )
}

interface RowProps {
  readonly grid: Grid
  readonly row: number
  readonly start: number
  readonly template: string
  readonly widths: readonly number[]
  readonly cells: ReadonlyMap<string, Cell>
  readonly decimals: readonly string[]
  readonly area: Area | null
  readonly rows: { readonly isHidden: (line: number) => boolean }
}

function Row({ grid, row, start, template, widths, cells, decimals, area, rows }: RowProps) {
  const changed = useWorksheetStore((state) => state.changed)
  const focus = useWorksheetStore((state) =>
    state.selection.kind === 'cells' && state.selection.grid === grid.id ? state.selection.focus : null,
  )
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      className={styles.row}
      data-heading={row < grid.headings}
      data-beyond={row >= grid.rows}
      style={{ transform: `translateY(${start}px)`, gridTemplateColumns: template }}
    >
      <span
        role="rowheader"
        aria-colindex={1}
        className={styles.number}
        data-row={row}
        data-gap={row > 0 && rows.isHidden(row - 1)}
        data-on={area !== null && row >= area.first.row && row <= area.last.row}
      >
        {row + 1}
      </span>
      {widths.map((width, column) => {
        if (width === 0) return null
        const address = addressOf({ column, row })
        return (
          <GridCell
            key={column}
            grid={grid.id}
            address={address}
            column={column}
            cell={cells.get(address)}
            decimals={decimals[column] ?? ''}
            changed={changed.has(changedKey(grid.id, address))}
            selected={area !== null && contains(area, { column, row })}
            focused={focus?.column === column && focus.row === row}
          />
        )
      })}
    </div>
  )
}
