import { usePreview } from '../api/queries'
import { NOWHERE } from '../sheet/nowhere'
import { useOpenWorksheet } from '../worksheet/context'
import { Hints } from './Hints'
import { Ladder } from './Ladder'
import styles from './Lens.module.css'
import { ValueForms } from './ValueForms'
import { Words } from '../typeset/Words'

/** What is written on the scratch line: its value and working so far. */
export function ScratchLens({ grid, entry }: { readonly grid: string; readonly entry: string }) {
  const { worksheet } = useOpenWorksheet()
  const { data: preview } = usePreview(worksheet.id, grid, NOWHERE, entry, entry.length, true, true)
  const calculation = preview?.soFar ?? preview?.calculation
  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>scratch</span>
        <span>being written</span>
      </header>
      {calculation && !calculation.error && (
        <>
          <ValueForms result={calculation.result} calculated />
          {calculation.steps.length > 0 && (
            <>
              <h2 className={styles.label}>
                Working <kbd>Alt W</kbd>
              </h2>
              <Ladder calculation={calculation} />
            </>
          )}
          <Hints calculation={calculation} />
        </>
      )}
      {calculation?.error && (
        <p className={styles.hint}>
          <Words text={calculation.error.message} />
        </p>
      )}
    </>
  )
}
