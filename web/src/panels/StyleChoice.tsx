import styles from './Panel.module.css'

const STYLES: readonly {
  readonly value: string
  readonly label: string
  readonly digits: string
  /** How many there are at first; null for as many as the number has. */
  readonly usual: number | null
}[] = [
  { value: '', label: 'automatic', digits: '', usual: 0 },
  { value: 'fixed', label: 'decimal places', digits: 'places', usual: 2 },
  { value: 'significant', label: 'significant digits', digits: 'digits', usual: 4 },
  { value: 'grouped', label: 'grouped, with places', digits: 'places', usual: 2 },
  { value: 'percent', label: 'percent', digits: 'places', usual: null },
  { value: 'scientific', label: 'scientific', digits: 'digits', usual: 4 },
  { value: 'engineering', label: 'powers by thousands', digits: 'digits', usual: 4 },
  { value: 'fraction', label: 'fraction', digits: '', usual: 0 },
  { value: 'mixed', label: 'mixed number', digits: '', usual: 0 },
  { value: 'repeating', label: 'repeating decimal', digits: '', usual: 0 },
  { value: 'currency', label: 'money', digits: '', usual: 0 },
]

const CURRENCIES = ['EUR', 'USD', 'GBP', 'CHF', 'JPY', 'SEK', 'NOK', 'DKK', 'PLN', 'CZK']
const MOST = 30

interface Props {
  /** As the server reads it: `fixed 2`, `currency EUR`; empty for the automatic one. */
  readonly style: string
  readonly onChoose: (style: string) => void
}

/** A number style, with its digits or its currency. */
export function StyleChoice({ style, onChoose }: Props) {
  const [kind = '', part = ''] = style.split(' ')
  const chosen = STYLES.find((each) => each.value === kind) ?? { value: kind, label: style, digits: '', usual: 0 }
  const isKnown = STYLES.includes(chosen)

  // Plain fields: the lens draws this for every cell that is selected.
  return (
    <span className={styles.row}>
      <select
        className={styles.plain}
        aria-label="Number style"
        value={chosen.value}
        onChange={(event) => {
          const { value } = event.target
          const next = STYLES.find((each) => each.value === value)
          if (value === 'currency') onChoose('currency EUR')
          else onChoose(next && next.digits !== '' && next.usual !== null ? `${value} ${next.usual}` : value)
        }}
      >
        {!isKnown && <option value={chosen.value}>{style}</option>}
        {STYLES.map(({ value, label }) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
      {chosen.digits !== '' && (
        <label>
          <input
            className={styles.plain}
            type="number"
            aria-label={chosen.digits}
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
          {chosen.digits}
        </label>
      )}
      {kind === 'currency' && (
        <select
          className={styles.plain}
          aria-label="Currency"
          value={part}
          onChange={(event) => onChoose(`currency ${event.target.value}`)}
        >
          {CURRENCIES.map((code) => (
            <option key={code}>{code}</option>
          ))}
        </select>
      )}
    </span>
  )
}
