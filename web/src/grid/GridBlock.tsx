import { useVirtualizer } from '@tanstack/react-virtual'
import { memo, useEffect, useMemo, useRef } from 'react'
import { PAGE_ROWS, usePages } from '../api/queries'
import type { Cell, Grid } from '../api/types'
import { EditableText } from '../typeset/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import { changedKey, useWorksheetStore } from '../worksheet/store'
import { addressOf, areaBetween, areaText, contains, lettersOf, type Area, type At } from './address'
import styles from './GridBlock.module.css'
import { cutUnit } from './quantity'
import { columnDecimals, columnWidths, decimalsOf } from './layout'
import { useGridKeys } from './useGridKeys'
import { useGridPointer } from './useGridPointer'
import { useHighlights, type Highlight } from './useHighlights'

const ROW_HEIGHT = 30
const ROW_HEAD = 32

/** A grid with its title. Its rows are drawn only where they are in view. */
export function GridBlock({ grid }: { readonly grid: Grid }) {
  const { worksheet, keep } = useOpenWorksheet()
  const selection = useWorksheetStore((state) => state.selection)
  const composing = useWorksheetStore((state) => state.composing?.grid === grid.id)
  const own = selection.kind === 'cells' && selection.grid === grid.id ? selection : null
  const rows = Math.max(grid.rows, (own?.focus.row ?? 0) + 1)
  const columns = Math.max(grid.columns, (own?.focus.column ?? 0) + 1)

  const scroller = useRef<HTMLDivElement>(null)
  const body = useRef<HTMLDivElement>(null)
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
  })
  const visible = virtual.getVirtualItems()
  const firstPage = Math.floor((visible[0]?.index ?? 0) / PAGE_ROWS)
  const lastPage = Math.floor((visible.at(-1)?.index ?? 0) / PAGE_ROWS)
  const pages = Array.from({ length: lastPage - firstPage + 1 }, (_, index) => firstPage + index)
  const cells = usePages(worksheet.id, grid.id, pages, columns)
  const widths = useMemo(() => columnWidths(grid, columns, cells), [grid, columns, cells])
  const decimals = useMemo(() => columnDecimals(columns, cells), [columns, cells])
  const highlights = useHighlights(worksheet.id).filter((highlight) => highlight.grid === grid.id)
  const changed = useWorksheetStore((state) => state.changed)
  const area = own ? areaBetween(own.anchor, own.focus) : null
  const press = useGridKeys(grid, cells)
  const pointer = useGridPointer(grid.id, cells)
  const focus = own?.focus

  useEffect(() => {
    if (!focus) return
    virtual.scrollToIndex(focus.row)
    if (!composing) body.current?.focus({ preventScroll: true })
    document
      .getElementById(`cell-${grid.id}-${addressOf(focus)}`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [focus, composing, virtual, grid.id])

  const template = `${ROW_HEAD}px ${widths.map((width) => `${width}px`).join(' ')}`
  const width = widths.reduce((sum, each) => sum + each, ROW_HEAD)

  return (
    <figure
      className={styles.block}
      id={`block-${grid.id}`}
      data-active={own !== null}
      aria-label={`Grid ${grid.title}`}
    >
      <figcaption className={styles.caption}>
        <EditableText
          text={grid.title}
          label="grid title"
          className={styles.title}
          onKeep={(title) => void keep([{ do: 'changeBlock', block: { ...grid, title } }]).catch(() => undefined)}
        />
        <span className={styles.size}>
          {grid.rows} × {grid.columns}
        </span>
      </figcaption>
      <div className={styles.scroller} ref={scroller}>
        <div
          ref={body}
          role="grid"
          tabIndex={0}
          aria-label={grid.title}
          aria-rowcount={rows + 1}
          aria-colcount={columns + 1}
          aria-multiselectable="true"
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
          <div role="row" aria-rowindex={1} className={styles.letters} style={{ gridTemplateColumns: template }}>
            <span role="columnheader" aria-colindex={1} aria-label="Row" />
            {widths.map((_, column) => (
              <span
                key={column}
                role="columnheader"
                aria-colindex={column + 2}
                data-on={area !== null && column >= area.first.column && column <= area.last.column}
              >
                {lettersOf(column)}
              </span>
            ))}
          </div>
          <div role="presentation" className={styles.rows} style={{ height: virtual.getTotalSize() }}>
            {visible.map(({ index: row, start }) => (
              <div
                key={row}
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
                  data-on={area !== null && row >= area.first.row && row <= area.last.row}
                >
                  {row + 1}
                </span>
                {widths.map((_, column) => {
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
            ))}
            {highlights.map((highlight, index) => (
              <Outline key={index} highlight={highlight} widths={widths} rows={rows} />
            ))}
            {area && <Selected area={area} widths={widths} />}
          </div>
        </div>
      </div>
      {area && <Announcement area={area} cell={focus && cells.get(addressOf(focus))} at={focus} />}
    </figure>
  )
}

interface CellProps {
  readonly grid: string
  readonly address: string
  readonly column: number
  readonly cell: Cell | undefined
  readonly decimals: string
  readonly changed: boolean
  readonly selected: boolean
  readonly focused: boolean
}

const GridCell = memo(function GridCell({
  grid,
  address,
  column,
  cell,
  decimals,
  changed,
  selected,
  focused,
}: CellProps) {
  return (
    <div
      role="gridcell"
      id={`cell-${grid}-${address}`}
      data-grid={grid}
      data-cell={address}
      aria-colindex={column + 2}
      aria-selected={selected}
      className={styles.cell}
      data-kind={cell?.kind ?? 'empty'}
      data-calculated={cell?.calculated ?? false}
      data-changed={changed}
      data-selected={selected}
      data-focused={focused}
      title={cell?.error?.message}
    >
      {cell?.calculated && cell.from === null && (
        <span className={styles.origin} aria-label="calculated">
          =
        </span>
      )}
      {cell && <Shown cell={cell} decimals={decimals} />}
    </div>
  )
})

function Shown({ cell, decimals }: { readonly cell: Cell; readonly decimals: string }) {
  if (cell.error) {
    const waits = cell.error.cause !== null
    return <span className={styles.failed}>{waits ? cell.error.message : cell.error.code}</span>
  }
  const [number, unit] = cutUnit(cell.display, cell.unit)
  const isNumber = cell.kind === 'number' || cell.kind === 'quantity'
  const behind = isNumber ? decimalsOf(number) : null
  const pad = behind === null ? '' : decimals.slice(behind.length)
  const percent = cell.display.endsWith(' %')
  const signed = isNumber ? number.replace(/^-/, '−') : number
  return (
    <span className={styles.shown}>
      {percent ? signed.slice(0, -2) : signed}
      {pad !== '' && (
        <span className={styles.pad} aria-hidden="true">
          {pad}
        </span>
      )}
      {percent && <span className={styles.unit}> %</span>}
      {unit !== '' && <span className={styles.unit}>{unit}</span>}
    </span>
  )
}

const HEIGHT = ROW_HEIGHT

function box(area: Area, widths: readonly number[]) {
  const before = (end: number) => widths.slice(0, end).reduce((sum, width) => sum + width, ROW_HEAD)
  const left = before(area.first.column)
  return {
    left,
    top: area.first.row * HEIGHT,
    width: before(area.last.column + 1) - left,
    height: (area.last.row - area.first.row + 1) * HEIGHT,
  }
}

function Outline({
  highlight,
  widths,
  rows,
}: {
  readonly highlight: Highlight
  readonly widths: readonly number[]
  readonly rows: number
}) {
  const last = {
    column: Math.min(highlight.area.last.column, widths.length - 1),
    row: Math.min(highlight.area.last.row, rows - 1),
  }
  if (last.column < highlight.area.first.column || last.row < highlight.area.first.row) return null
  const style = { ...box({ first: highlight.area.first, last }, widths), color: `var(--ref-${highlight.colour})` }
  return <div className={styles.reference} data-reference={highlight.colour} style={style} />
}

function Selected({ area, widths }: { readonly area: Area; readonly widths: readonly number[] }) {
  return <div className={styles.selected} style={box(area, widths)} />
}

/** What a screen reader hears on moving. */
function Announcement({
  area,
  cell,
  at,
}: {
  readonly area: Area
  readonly cell: Cell | undefined
  readonly at: At | undefined
}) {
  const place = at ? addressOf(at) : ''
  const several = areaText(area) !== place
  const what = cell
    ? `${cell.calculated ? 'calculated ' : ''}${cell.error ? cell.error.message : cell.display}`
    : 'empty'
  return (
    <span className="spoken" aria-live="polite">
      {several ? `${areaText(area)} selected` : `${place}, ${cell?.name ? `${cell.name}, ` : ''}${what}`}
    </span>
  )
}
