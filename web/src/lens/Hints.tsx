import type { Calculation } from '../api/types'
import { Words } from '../typeset/Words'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'

/** What people often mean otherwise by such a calculation. */
export function Hints({ calculation }: { readonly calculation: Calculation }) {
  const show = useWorksheetStore((state) => state.show)
  return calculation.hints.map((hint) => (
    <div key={hint.code} className={styles.hint}>
      <Words text={hint.message} />
      {hint.code === 'sample-rates' && (
        <button type="button" className={styles.link} onClick={() => show({ kind: 'rates' })}>
          Change the rates
        </button>
      )}
    </div>
  ))
}
