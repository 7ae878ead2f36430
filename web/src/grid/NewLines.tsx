import type { Axis, Grid } from '../api/types'
import { selectAfter } from '../commands/selected'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './GridBlock.module.css'

/** A new row and a new column at the edge of a grid. */
export function NewLines({ grid }: { readonly grid: Grid }) {
  const { keep } = useOpenWorksheet()
  const add = (axis: Axis) => {
    const at = axis === 'ROWS' ? grid.rows : grid.columns
    const first = axis === 'ROWS' ? { column: 0, row: at } : { column: at, row: 0 }
    selectAfter(keep([{ do: 'insertLines', grid: grid.id, axis, at, count: 1 }]), grid.id, () => ({
      first,
      last: first,
    }))
  }
  return (
    <>
      <button
        type="button"
        className={styles.newRow}
        aria-label={`New row in ${grid.title}`}
        onClick={() => add('ROWS')}
      >
        + row
      </button>
      <button
        type="button"
        className={styles.newColumn}
        aria-label={`New column in ${grid.title}`}
        title="New column"
        onClick={() => add('COLUMNS')}
      >
        +
      </button>
    </>
  )
}
