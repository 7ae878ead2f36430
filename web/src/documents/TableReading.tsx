import { Checkbox, Select } from 'antd'
import type { ColumnKind, Recognised, RecognisedColumn } from '../api/types'
import { Words } from '../typeset/Words'
import { parted, type Chosen } from './reading'
import { ENCODINGS, QUOTES, SEPARATORS } from './choices'
import styles from './TableReading.module.css'

interface Props {
  readonly read: Recognised
  readonly chosen: Chosen
  readonly onChoose: (chosen: Chosen) => void
}

const KINDS: readonly { readonly label: string; readonly value: ColumnKind }[] = [
  { label: 'as typed', value: 'AS_TYPED' },
  { label: 'numbers, 1,234.5', value: 'POINT' },
  { label: 'numbers, 1.234,5', value: 'COMMA' },
  { label: 'dates, day first', value: 'DAY_FIRST' },
  { label: 'dates, month first', value: 'MONTH_FIRST' },
  { label: 'texts', value: 'TEXT' },
]

/** How a text of values between separators is read, each part of it to be changed, and what its first lines become. */
export function TableReading({ read, chosen, onChoose }: Props) {
  return (
    <div className={styles.reading}>
      <div className={styles.choices}>
        <label>
          Between values
          <Select
            aria-label="Between values"
            value={read.separator}
            options={[...SEPARATORS]}
            onChange={(separator) => onChoose(parted(chosen, { separator }))}
          />
        </label>
        <label>
          Around texts
          <Select
            aria-label="Around texts"
            value={read.quote}
            options={[...QUOTES]}
            onChange={(quote) => onChoose(parted(chosen, { quote }))}
          />
        </label>
        <label>
          Encoding
          <Select
            aria-label="Encoding"
            value={read.encoding}
            options={[...ENCODINGS]}
            onChange={(encoding) => onChoose(parted(chosen, { encoding }))}
          />
        </label>
        <Checkbox checked={read.headings} onChange={(event) => onChoose({ ...chosen, headings: event.target.checked })}>
          headings in the first line
        </Checkbox>
      </div>
      <div className={styles.window} tabIndex={0} role="region" aria-label="How it comes in">
        <table>
          <thead>
            <tr>
              {read.columns.map((column) => (
                <th key={column.column} scope="col">
                  <Column {...{ column, chosen, onChoose }} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {read.beginning.map((line, at) => (
              <tr key={at}>
                {line.map((text, column) => (
                  <td key={column} data-kind={read.columns[column]?.kind ?? 'open'}>
                    {text}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className={styles.says}>{linesOf(read)}</p>
    </div>
  )
}

function linesOf({ lines, headings, beginning }: Recognised): string {
  const values = lines - (headings ? 1 : 0)
  const shown = beginning.length < values ? ` The first ${beginning.length} are shown.` : ''
  return `${values.toLocaleString('en')} ${values === 1 ? 'line' : 'lines'} of values.${shown}`
}

interface ColumnProps extends Pick<Props, 'chosen' | 'onChoose'> {
  readonly column: RecognisedColumn
}

function Column({ column: { column, heading, unit, kind, says }, chosen, onChoose }: ColumnProps) {
  const isPlain = chosen.plain.includes(column)
  return (
    <div className={styles.column}>
      <span>
        <span className={styles.letters}>{column}</span> {heading}
      </span>
      <Select
        aria-label={`How column ${column} is read`}
        size="small"
        value={kind}
        status={kind === null ? 'warning' : ''}
        placeholder="choose"
        options={[...KINDS]}
        onChange={(value: ColumnKind) => onChoose({ ...chosen, kinds: { ...chosen.kinds, [column]: value } })}
      />
      {(unit !== null || isPlain) && (
        <Checkbox
          checked={!isPlain}
          onChange={(event) =>
            onChoose({
              ...chosen,
              plain: event.target.checked ? chosen.plain.filter((each) => each !== column) : [...chosen.plain, column],
            })
          }
        >
          {unit === null ? 'take its unit' : `numbers in ${unit}`}
        </Checkbox>
      )}
      {says !== '' && (
        <span className={kind === null ? styles.open : styles.says}>
          <Words text={says} />
        </span>
      )}
    </div>
  )
}
