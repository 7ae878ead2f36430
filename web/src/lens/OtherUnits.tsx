import type { CellDetail, Grid } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

interface Props {
  readonly detail: CellDetail
  readonly grid: Grid
}

/** A quantity in the other units people use for it: one act shows the cell so, another writes it into the formula. */
export function OtherUnits({ detail, grid }: Props) {
  const { keep } = useOpenWorksheet()
  const { cell, otherUnits } = detail
  const column = cell.address.replace(/\d+$/, '')
  const own = cell.unit ?? ''
  const style = (key: string, unit: string | null) => {
    const rest = Object.fromEntries(Object.entries(grid.styles).filter(([each]) => each !== key))
    const next = unit === null ? rest : { ...rest, [key]: `in ${unit}` }
    void keep([{ do: 'changeBlock', block: { ...grid, styles: next } }]).catch(() => undefined)
  }
  const convert = (unit: string) =>
    void keep([
      {
        do: 'enter',
        grid: grid.id,
        cells: [{ cell: cell.address, text: converted(cell.entry, cell.calculated, unit) }],
      },
    ]).catch(() => undefined)
  const chosen = (grid.styles[cell.address] ?? '').startsWith('in ')
  const taken = grid.styles[column] === `in ${own}`

  return (
    <section aria-label="Units">
      <h2 className={styles.label}>In other units</h2>
      <ul className={styles.units}>
        {otherUnits.map(({ unit, display }) => (
          <li key={unit}>
            <button type="button" title={`Show this cell in ${unit}`} onClick={() => style(cell.address, unit)}>
              {display}
            </button>
            {cell.from === null && (
              <button type="button" className={styles.write} onClick={() => convert(unit)}>
                write <code>to {unit}</code>
              </button>
            )}
          </li>
        ))}
      </ul>
      <p className={styles.copies}>
        {chosen && (
          <button type="button" onClick={() => style(cell.address, null)}>
            Show as calculated
          </button>
        )}
        <button type="button" onClick={() => style(column, taken ? null : own)}>
          {taken ? `Column ${column}: no unit for new numbers` : `Numbers typed in column ${column} are in ${own}`}
        </button>
      </p>
    </section>
  )
}

/** The entry with a conversion at its end; one that is there already is replaced. */
export function converted(entry: string, calculated: boolean, unit: string): string {
  const formula = calculated ? entry : `=${entry.trim()}`
  return `${formula.replace(/\s+to\s+[^\s()]+\s*$/i, '')} to ${unit}`
}
