import { memo } from 'react'
import { useCell } from '../api/queries'
import type { Cell, Place } from '../api/types'
import { areaOf } from '../sheet/address'
import { spokenFormula } from '../typeset/spoken'
import { Typeset } from '../typeset/Typeset'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { CellNotes } from './CellNotes'
import { Fault } from './Fault'
import { Hints } from './Hints'
import { Ladder } from './Ladder'
import { AlgebraActs } from './AlgebraActs'
import { AngleNote } from './AngleNote'
import styles from './Lens.module.css'
import { OtherUnits } from './OtherUnits'
import { ValueForms } from './ValueForms'

/** A cell: what it is called, its value in every form, its formula, its working, what feeds it and what it feeds. */
export const CellLens = memo(function CellLens({ grid, address }: { readonly grid: string; readonly address: string }) {
  const { worksheet, at, grids, keep, act } = useOpenWorksheet()
  const arrows = useWorksheetStore((state) => state.arrows)
  const toggle = useWorksheetStore((state) => state.toggle)
  const block = grids.find((each) => each.id === grid)
  const { data: detail } = useCell(worksheet.id, at, grid, address)
  if (!detail) return null
  const { cell, calculation, gridTitle, fedBy, feeds, feedsInAll } = detail
  const origin = originOf(cell)
  const further = feedsInAll - feeds.length

  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>{cell.address}</span>
        <span>
          {cell.name && <b className={styles.name}>{cell.name} · </b>}
          {gridTitle} · {origin}
        </span>
      </header>
      {calculation.error ? (
        <Fault
          error={calculation.error}
          causes={detail.causes}
          inTheWay={detail.inTheWay}
          entry={cell.entry}
          grid={grid}
          address={address}
        />
      ) : (
        <ValueForms result={calculation.result} calculated={cell.calculated} />
      )}
      {at === null && <AlgebraActs cell={cell} />}
      {detail.otherUnits.length > 0 && block && <OtherUnits detail={detail} grid={block} />}
      {cell.calculated && cell.from === null && (
        <>
          <h2 className={styles.label}>Formula</h2>
          {calculation.latex !== '' && (
            <p className={styles.formula}>
              <Typeset latex={calculation.latex} spoken={spokenFormula(cell.entry)} />
            </p>
          )}
          <code className={styles.entry}>{cell.entry}</code>
          <AngleNote entry={cell.entry} />
        </>
      )}
      <Hints
        calculation={calculation}
        onReplace={
          at === null
            ? (text) => void keep([{ do: 'enter', grid, cells: [{ cell: address, text }] }]).catch(() => undefined)
            : undefined
        }
        onFixAll={
          at === null ? () => void act({ do: 'fixRanges', grid, at: address }).catch(() => undefined) : undefined
        }
      />
      {calculation.steps.length > 0 && (
        <>
          <h2 className={styles.label}>
            Working <kbd>Alt W</kbd>
          </h2>
          <Ladder calculation={calculation} />
        </>
      )}
      <CellNotes cell={cell} grid={block} />
      {fedBy.length > 0 && (
        <>
          <h2 className={styles.label}>Fed by</h2>
          <Chips places={fedBy} coloured />
        </>
      )}
      {feeds.length > 0 && (
        <>
          <h2 className={styles.label}>Feeds</h2>
          <Chips places={feeds} />
          {further > 0 && <span className={styles.further}>and {further} further on</span>}
        </>
      )}
      {(fedBy.length > 0 || feeds.length > 0) && (
        <p className={styles.copies}>
          <button type="button" aria-pressed={arrows} onClick={() => toggle('arrows')}>
            {arrows ? 'Hide the arrows' : 'Draw arrows'}
          </button>
          <kbd>Alt A</kbd>
        </p>
      )}
    </>
  )
})

/** Where the value of a cell comes from, in words. */
function originOf(cell: Cell): string {
  if (cell.from !== null) return `laid out from ${cell.from}`
  if (cell.entry === '') return 'empty'
  return cell.calculated ? 'calculated' : 'typed'
}

const HUES = 8

function Chips({ places, coloured = false }: { readonly places: readonly Place[]; readonly coloured?: boolean }) {
  const select = useWorksheetStore((state) => state.select)
  const jump = (place: Place) => {
    const { first, last } = areaOf(place.area)
    document.getElementById(`block-${place.grid}`)?.scrollIntoView({ block: 'nearest' })
    select({ kind: 'cells', grid: place.grid, anchor: last, focus: first })
  }
  return (
    <ul className={styles.chips}>
      {places.map((place, index) => (
        <li key={`${place.grid}!${place.area}`}>
          <button
            type="button"
            className={styles.chip}
            style={coloured ? { color: `var(--ref-${index % HUES})`, borderColor: 'currentcolor' } : undefined}
            title={place.display}
            onClick={() => jump(place)}
          >
            {place.called}
          </button>
        </li>
      ))}
    </ul>
  )
}
