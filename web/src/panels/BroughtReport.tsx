import { Drawer } from 'antd'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import { Words } from '../typeset/Words'
import { useOpenWorksheet } from '../worksheet/context'
import type { Brought } from '../worksheet/store'
import { usePanel } from '../worksheet/usePanel'
import styles from './BroughtReport.module.css'

interface Props {
  readonly brought: Brought
}

/** What became of a document: how its formulas' values compare, cell by cell, and what was left out. */
export function BroughtReport({ brought: { name, told, compared } }: Props) {
  const { close } = usePanel()
  return (
    <Drawer open mask={false} title={`${name} was brought in`} size={420} onClose={close}>
      {compared && compared.formulas > 0 && (
        <p role="status" className={styles.sum}>
          {agreeing(compared)}
        </p>
      )}
      {compared && compared.differing > 0 && (
        <section aria-label="Other values">
          <h3 className={styles.title}>
            {compared.differing} {compared.differing === 1 ? 'has another value' : 'have other values'} than in the
            document
          </h3>
          <ul className={styles.list}>
            {compared.differ.map((each) => (
              <Place key={`${each.grid}!${each.cell}`} {...each}>
                <dl className={styles.values}>
                  <dt>there</dt>
                  <dd>{each.theirs}</dd>
                  <dt>here</dt>
                  <dd>{each.ours}</dd>
                </dl>
              </Place>
            ))}
          </ul>
          <More shown={compared.differ.length} of={compared.differing} />
        </section>
      )}
      {compared && compared.keeping > 0 && (
        <section aria-label="Kept as values">
          <h3 className={styles.title}>
            {compared.keeping === 1
              ? 'One formula could not be brought in: its value was'
              : `${compared.keeping} formulas could not be brought in: their values were`}
          </h3>
          <ul className={styles.list}>
            {compared.kept.map((each) => (
              <Place key={`${each.grid}!${each.cell}`} {...each}>
                <code className={styles.formula}>{each.formula}</code>
              </Place>
            ))}
          </ul>
          <More shown={compared.kept.length} of={compared.keeping} />
        </section>
      )}
      {told.length > 0 && (
        <section aria-label="Not as in the document">
          <h3 className={styles.title}>Not as it was in the document</h3>
          <ul className={styles.told}>
            {told.map((sentence) => (
              <li key={sentence}>
                <Words text={sentence} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </Drawer>
  )
}

function agreeing({ formulas, agree, changing }: NonNullable<Brought['compared']>): string {
  const all = formulas === 1 ? 'The one formula has' : `All ${formulas} formulas have`
  const some = `${agree} of ${formulas} formulas ${agree === 1 ? 'has' : 'have'}`
  const moving =
    changing === 0 ? '' : ` ${changing} ${changing === 1 ? 'changes' : 'change'} by the hour and are not compared.`
  return `${agree === formulas ? all : some} the same value as in the document.${moving}`
}

interface PlaceProps {
  readonly grid: string
  readonly cell: string
  readonly why: string
  readonly children: React.ReactNode
}

/** A cell that one can go to, and why it is listed. */
function Place({ grid, cell, why, children }: PlaceProps) {
  const { grids } = useOpenWorksheet()
  const id = grids.find(({ title }) => title === grid)?.id
  return (
    <li>
      <button type="button" disabled={id === undefined} onClick={() => id !== undefined && goTo(id, areaOf(cell))}>
        <span className={styles.where}>
          {grid} {cell}
        </span>
        {children}
        <span className={styles.why}>
          <Words text={why} />
        </span>
      </button>
    </li>
  )
}

const More = ({ shown, of }: { readonly shown: number; readonly of: number }) =>
  shown < of ? <p className={styles.why}>and {(of - shown).toLocaleString('en')} more</p> : null
