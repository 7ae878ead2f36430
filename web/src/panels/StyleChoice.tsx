import { useRates, useStyles } from '../api/queries'
import styles from './Panel.module.css'

const AUTOMATIC = 'automatic'
const EURO = 'EUR'
const MOST = 30

interface Props {
  /** As the server reads it: `fixed 2`, `currency EUR`; empty for the automatic one. */
  readonly style: string
  readonly onChoose: (style: string) => void
  /** Whether it has the keyboard at once. */
  readonly autoFocus?: boolean
}

/** A number style, with its digits or its currency. */
export function StyleChoice({ style, onChoose, autoFocus = false }: Props) {
  const { data: all = [] } = useStyles()
  const [kind = AUTOMATIC, part = ''] = style === '' ? [] : style.split(' ')
  const chosen = all.find(({ word }) => word === kind)
  const isNumbered = chosen?.takes === 'places' || chosen?.takes === 'digits'
  const choose = (word: string) => {
    const next = all.find((each) => each.word === word)
    if (word === AUTOMATIC) onChoose('')
    else if (next?.takes === 'currency') onChoose(`${word} ${EURO}`)
    else onChoose(next?.usual == null ? word : `${word} ${next.usual}`)
  }

  // Plain fields: the lens draws this for every cell that is selected.
  return (
    <span className={styles.row}>
      <select
        className={styles.plain}
        aria-label="Number style"
        autoFocus={autoFocus}
        value={kind}
        onChange={(event) => choose(event.target.value)}
      >
        {!chosen && <option value={kind}>{style === '' ? AUTOMATIC : style}</option>}
        {all.map(({ word, says }) => (
          <option key={word} value={word}>
            {says}
          </option>
        ))}
      </select>
      {isNumbered && (
        <label>
          <input
            className={styles.plain}
            type="number"
            aria-label={chosen.takes}
            min={0}
            max={MOST}
            value={part}
            placeholder="all"
            onChange={(event) => {
              const digits = event.target.valueAsNumber
              if (event.target.value === '' && chosen.usual === null) onChoose(kind)
              else if (Number.isInteger(digits) && digits >= 0 && digits <= MOST) onChoose(`${kind} ${digits}`)
            }}
          />{' '}
          {chosen.takes}
        </label>
      )}
      {chosen?.takes === 'currency' && <Currency code={part} onChoose={(code) => onChoose(`${kind} ${code}`)} />}
    </span>
  )
}

/** One of the currencies that have a rate. */
function Currency({ code, onChoose }: { readonly code: string; readonly onChoose: (code: string) => void }) {
  const { data: rates } = useRates()
  const codes = rates?.map((rate) => rate.code) ?? [code]
  return (
    <select
      className={styles.plain}
      aria-label="Currency"
      value={code}
      onChange={(event) => onChoose(event.target.value)}
    >
      {(codes.includes(code) ? codes : [code, ...codes]).map((each) => (
        <option key={each}>{each}</option>
      ))}
    </select>
  )
}
