import { Button } from 'antd'
import type { CalculationError } from '../api/types'
import { goTo } from '../commands/selected'
import { areaOf } from '../grid/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'
import { Words } from '../typeset/Words'

interface Props {
  readonly error: CalculationError
  readonly entry: string
  readonly grid: string
  readonly address: string
}

/** Why a cell failed, where, and the ways out. */
export function Fault({ error, entry, grid, address }: Props) {
  const { keep } = useOpenWorksheet()
  const place = error.start !== null && error.end !== null ? { start: error.start, end: error.end } : null
  const isAddress = error.cause !== null && /^[A-Z]+\d+$/.test(error.cause)

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
      {isAddress && error.cause && (
        <p className={styles.cause}>
          First cause:
          <Button size="small" onClick={() => goTo(grid, areaOf(error.cause ?? address))}>
            Go to {error.cause}
          </Button>
        </p>
      )}
    </div>
  )
}
