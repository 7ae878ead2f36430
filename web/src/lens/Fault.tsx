import { Button } from 'antd'
import type { CalculationError, CellDetail } from '../api/types'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'
import { Words } from '../typeset/Words'

interface Props {
  readonly error: CalculationError
  readonly causes: CellDetail['causes']
  readonly inTheWay: CellDetail['inTheWay']
  readonly entry: string
  readonly grid: string
  readonly address: string
}

/** Why a cell failed, where, and the ways out. */
export function Fault({ error, causes, inTheWay, entry, grid, address }: Props) {
  const { keep } = useOpenWorksheet()
  const place = error.start !== null && error.end !== null ? { start: error.start, end: error.end } : null

  return (
    <div className={styles.fault}>
      <p className={styles.message}>
        <Words text={error.message} />
      </p>
      {place && (
        <code className={styles.entry}>
          {entry.slice(0, place.start)}
          <mark>{entry.slice(place.start, place.end)}</mark>
          {entry.slice(place.end)}
        </code>
      )}
      {error.fixes.map((fix) => (
        <Button
          key={fix.replacement}
          size="small"
          onClick={() =>
            void keep([{ do: 'enter', grid, cells: [{ cell: address, text: fix.replacement }] }]).catch(() => undefined)
          }
        >
          {fix.label}
        </Button>
      ))}
      {inTheWay && (
        <p>
          In the way:{' '}
          <button type="button" className={styles.chip} onClick={() => goTo(inTheWay.grid, areaOf(inTheWay.area))}>
            {inTheWay.called}
          </button>
        </p>
      )}
      {causes.length > 0 && (
        <>
          <h2 className={styles.label}>The chain down to the first cause</h2>
          <ol className={styles.causes}>
            {causes.map(({ place, message }) => (
              <li key={place.called}>
                <button type="button" className={styles.chip} onClick={() => goTo(place.grid, areaOf(place.area))}>
                  {place.called}
                </button>
                <span>
                  <Words text={message} />
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
    </div>
  )
}
