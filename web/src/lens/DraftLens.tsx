import { usePreview } from '../api/queries'
import { addressOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore, type Composing } from '../worksheet/store'
import { Ladder } from './Ladder'
import { AngleNote } from './AngleNote'
import styles from './Lens.module.css'
import { ValueForms } from './ValueForms'
import { Words } from '../typeset/Words'

/** The entry that is being written: its value and working so far. */
export function DraftLens({ composing }: { readonly composing: Composing }) {
  const { worksheet, grids } = useOpenWorksheet()
  const { grid, at, draft, cursor } = composing
  // It stays in sight until the answer is there, but is not asked for again.
  const isWritten = useWorksheetStore((state) => state.composing !== null)
  const { data: preview } = usePreview(worksheet.id, { grid, address: addressOf(at), entry: draft, cursor }, isWritten)
  const title = grids.find((each) => each.id === grid)?.title ?? ''
  const calculation = preview?.soFar ?? preview?.calculation

  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>{addressOf(at)}</span>
        <span>{title} · being written</span>
      </header>
      {calculation && !calculation.error && preview?.kind === 'calculation' && (
        <>
          <ValueForms result={calculation.result} calculated />
          {calculation.steps.length > 0 && (
            <>
              <h2 className={styles.label}>Working, so far</h2>
              <Ladder calculation={calculation} />
            </>
          )}
          <AngleNote entry={draft} />
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
