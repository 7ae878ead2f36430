import { memo } from 'react'
import type { Cell, Grid } from '../api/types'
import { changedKey } from '../worksheet/store'
import { addressOf } from '../sheet/address'
import { ROW_HEAD } from './geometry'
import styles from './GridBlock.module.css'
import { GridCell } from './GridCell'

interface Props {
  readonly grid: Grid
  readonly row: number
  /** Where it is drawn, in pixels from the top of its part of the grid. */
  readonly start: number
  readonly widths: readonly number[]
  readonly cells: ReadonlyMap<string, Cell>
  readonly decimals: readonly string[]
  readonly changed: ReadonlySet<string>
  /** The selected columns of this row; -1 where none is. */
  readonly selectedFrom: number
  readonly selectedTo: number
  /** The column of the focus, where it is in this row; else -1. */
  readonly focused: number
  readonly isBehindHidden: boolean
}

/** A row of cells. Drawn again only when something of it is another: an edit or a step of the selection leaves most alone. */
export const GridRow = memo(function GridRow(props: Props) {
  const { grid, row, start, widths, cells, decimals, changed, selectedFrom, selectedTo, focused } = props
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      className={styles.row}
      data-heading={row < grid.headings}
      data-beyond={row >= grid.rows}
      style={{ top: start }}
    >
      <span
        role="rowheader"
        aria-colindex={1}
        className={styles.number}
        style={{ width: ROW_HEAD }}
        data-row={row}
        data-gap={props.isBehindHidden}
        data-on={selectedFrom >= 0}
      >
        {row + 1}
        <button type="button" tabIndex={-1} className={styles.lineMenu} data-line-menu aria-hidden="true">
          ⌄
        </button>
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
            width={width}
            cell={cells.get(address)}
            decimals={decimals[column] ?? ''}
            changed={changed.has(changedKey(grid.id, address))}
            selected={column >= selectedFrom && column <= selectedTo}
            focused={focused === column}
          />
        )
      })}
    </div>
  )
}, isSameRow)

/** Whether nothing of the row is another, though the cells of other rows may be. */
function isSameRow(before: Props, now: Props): boolean {
  const plain =
    before.grid.id === now.grid.id &&
    before.grid.headings === now.grid.headings &&
    before.row < before.grid.rows === now.row < now.grid.rows &&
    before.row === now.row &&
    before.start === now.start &&
    before.widths.join() === now.widths.join() &&
    before.decimals.join() === now.decimals.join() &&
    before.selectedFrom === now.selectedFrom &&
    before.selectedTo === now.selectedTo &&
    before.focused === now.focused &&
    before.isBehindHidden === now.isBehindHidden
  if (!plain) return false
  if (before.cells === now.cells && before.changed === now.changed) return true
  return now.widths.every((_, column) => {
    const address = addressOf({ column, row: now.row })
    const key = changedKey(now.grid.id, address)
    return before.cells.get(address) === now.cells.get(address) && before.changed.has(key) === now.changed.has(key)
  })
}
