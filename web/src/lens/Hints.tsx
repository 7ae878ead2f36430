import type { Calculation } from '../api/types'
import { Words } from '../typeset/Words'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'

interface Props {
  readonly calculation: Calculation
  /** Writes the entry as a hint has it; where it is nothing, hints are only told. */
  readonly onReplace?: ((entry: string) => void) | undefined
  /** Fixes ranges in all cells that a formula was continued over. */
  readonly onFixAll?: (() => void) | undefined
}

/** What people often mean otherwise by such a calculation. */
export function Hints({ calculation, onReplace, onFixAll }: Props) {
  const show = useWorksheetStore((state) => state.show)
  return calculation.hints.map((hint) => (
    <div key={hint.code} className={styles.hint}>
      <Words text={hint.message} />
      {onReplace && hint.replacement !== '' && (
        <button type="button" className={styles.link} onClick={() => onReplace(hint.replacement)}>
          Write <code>{hint.replacement}</code>
        </button>
      )}
      {onFixAll && hint.code === 'sliding-range' && (
        <button type="button" className={styles.link} onClick={onFixAll}>
          Make it fixed in all these cells
        </button>
      )}
      {hint.code === 'sample-rates' && (
        <button type="button" className={styles.link} onClick={() => show({ kind: 'rates' })}>
          Change the rates
        </button>
      )}
    </div>
  ))
}
