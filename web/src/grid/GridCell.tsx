import { memo } from 'react'
import type { Cell } from '../api/types'
import styles from './GridBlock.module.css'
import { decimalsOf } from './layout'
import { cutUnit } from '../sheet/quantity'
import { spokenExpression } from '../typeset/spoken'
import { Typeset } from '../typeset/Typeset'
import { NumberText } from '../typeset/NumberText'
import { isNumber, withMinusSigns } from '../typeset/whole'

interface Props {
  readonly grid: string
  readonly address: string
  readonly column: number
  readonly width: number
  readonly cell: Cell | undefined
  /** The longest part behind the decimal mark in the column. */
  readonly decimals: string
  readonly changed: boolean
  readonly selected: boolean
  readonly focused: boolean
}

/** A longer expression would be too high for its row, and stands there as it is typed. */
const LONGEST_SET = 90

/** A cell: its value, a small `=` where it is calculated, a corner where it has a remark. */
export const GridCell = memo(function GridCell({
  grid,
  address,
  column,
  width,
  cell,
  decimals,
  changed,
  selected,
  focused,
}: Props) {
  return (
    <div
      role="gridcell"
      id={`cell-${grid}-${address}`}
      data-grid={grid}
      data-cell={address}
      aria-colindex={column + 2}
      aria-selected={selected}
      className={styles.cell}
      style={{ width }}
      data-kind={cell?.kind ?? 'empty'}
      data-calculated={cell?.calculated ?? false}
      data-laid-out={cell !== undefined && cell.from !== null}
      data-changed={changed}
      data-selected={selected}
      data-focused={focused}
      title={cell?.error?.message ?? cell?.remark ?? undefined}
    >
      {cell && <Shown cell={cell} decimals={decimals} />}
      {cell?.remark && (
        <span className={styles.remark}>
          <span className="spoken">has a remark</span>
        </span>
      )}
    </div>
  )
})

function Shown({ cell, decimals }: { readonly cell: Cell; readonly decimals: string }) {
  if (cell.error) {
    const waits = cell.error.cause !== null
    return <span className={styles.failed}>{waits ? cell.error.message : cell.error.code}</span>
  }
  if (cell.latex && cell.latex.length <= LONGEST_SET) {
    return (
      <span className={styles.shown}>
        <Typeset latex={cell.latex} spoken={spokenExpression(cell.display)} inLine />
      </span>
    )
  }
  const [number, unit] = cutUnit(cell.display, cell.unit)
  const isOfNumbers = isNumber(cell)
  const behind = isOfNumbers ? decimalsOf(number) : null
  const pad = behind === null ? '' : decimals.slice(behind.length)
  const percent = cell.display.endsWith(' %')
  const signed = isOfNumbers ? withMinusSigns(number) : number
  return (
    <span className={styles.shown}>
      {isOfNumbers ? <NumberText text={percent ? signed.slice(0, -2) : signed} /> : signed}
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
