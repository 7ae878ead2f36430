import { usePreview } from '../api/queries'
import { NOWHERE } from '../sheet/nowhere'
import type { Scratched } from '../worksheet/store'
import { useOpenWorksheet } from '../worksheet/context'
import { Hints } from './Hints'
import { Ladder } from './Ladder'
import { AngleNote } from './AngleNote'
import styles from './Lens.module.css'
import { ValueForms } from './ValueForms'
import { Words } from '../typeset/Words'

/** What is written on the scratch line, or stands on its tape: its value and working. */
export function ScratchLens({ grid, entry, line }: Scratched) {
  const { worksheet } = useOpenWorksheet()
  const { data: preview } = usePreview(worksheet.id, { grid, address: NOWHERE, entry, scratch: true, line })
  const calculation = preview?.soFar ?? preview?.calculation
  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>scratch</span>
        <span>{line === null ? 'being written' : 'kept on the tape'}</span>
      </header>
      <p className={styles.formula}>
        <code>{entry}</code>
      </p>
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
          <AngleNote entry={entry} />
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
