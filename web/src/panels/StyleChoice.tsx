import { InputNumber, Select } from 'antd'
import styles from './Panel.module.css'

const STYLES: readonly {
  readonly value: string
  readonly label: string
  readonly digits: string
  readonly usual: number
}[] = [
  { value: '', label: 'automatic', digits: '', usual: 0 },
  { value: 'fixed', label: 'decimal places', digits: 'places', usual: 2 },
  { value: 'significant', label: 'significant digits', digits: 'digits', usual: 4 },
  { value: 'grouped', label: 'grouped, with places', digits: 'places', usual: 2 },
  { value: 'percent', label: 'percent', digits: 'places', usual: 0 },
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

  return (
    <span className={styles.row}>
      <Select
        aria-label="Number style"
        style={{ width: 200 }}
        value={chosen.value}
        options={[
          ...(isKnown ? [] : [{ value: chosen.value, label: style }]),
          ...STYLES.map(({ value, label }) => ({ value, label })),
        ]}
        onChange={(value) => {
          const next = STYLES.find((each) => each.value === value)
          if (value === 'currency') onChoose('currency EUR')
          else onChoose(next && next.digits !== '' ? `${value} ${next.usual}` : value)
        }}
      />
      {chosen.digits !== '' && (
        <>
          <InputNumber
            aria-label={chosen.digits}
            min={0}
            max={MOST}
            value={part === '' ? chosen.usual : Number(part)}
            onChange={(digits) => {
              if (digits !== null) onChoose(`${kind} ${digits}`)
            }}
          />
          {chosen.digits}
        </>
      )}
      {kind === 'currency' && (
        <Select
          aria-label="Currency"
          style={{ width: 90 }}
          value={part}
          options={CURRENCIES.map((value) => ({ value }))}
          onChange={(code) => onChoose(`currency ${code}`)}
        />
      )}
    </span>
  )
}
