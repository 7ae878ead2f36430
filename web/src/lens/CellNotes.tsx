import type { Cell, Grid } from '../api/types'
import { selectedCells } from '../commands/selected'
import { StyleChoice } from '../panels/StyleChoice'
import { styleOf, useStyles } from '../panels/useStyles'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { NumberText } from '../typeset/NumberText'
import { isNumber, withMinusSigns } from '../typeset/whole'
import styles from './Lens.module.css'

interface Props {
  readonly cell: Cell
  readonly grid: Grid | undefined
}

/** The remark on a cell, and its number style. */
export function CellNotes({ cell, grid }: Props) {
  const { at, grids } = useOpenWorksheet()
  const show = useWorksheetStore((state) => state.show)
  const give = useStyles()
  // The style follows the selection, of which the cell is the focus.
  useWorksheetStore((state) => state.selection)
  const selected = selectedCells(grids)
  if (!grid) return null

  return (
    <>
      {cell.remark !== null && <p className={styles.remark}>{cell.remark}</p>}
      {at === null && (
        <p className={styles.copies}>
          <button type="button" onClick={() => show({ kind: 'remark' })}>
            {cell.remark === null ? 'Write a remark' : 'Change the remark'}
          </button>
          {cell.entry !== '' && (
            <button type="button" onClick={() => show({ kind: 'name' })}>
              {cell.name === null ? 'Name it' : 'Rename it'}
            </button>
          )}
        </p>
      )}
      {isNumber(cell) && selected && at === null && (
        <section aria-label="Number style" className={styles.style}>
          <h2 className={styles.label}>Number style</h2>
          <StyleChoice
            style={styleOf(selected)}
            onChoose={(style) => void give(selected, style).catch(() => undefined)}
          />
          <output className={styles.sample}>
            <NumberText text={withMinusSigns(cell.display)} />
          </output>
        </section>
      )}
    </>
  )
}
