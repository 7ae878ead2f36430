import type { Result } from '../api/types'
import { cutUnit } from '../sheet/quantity'
import { Typeset } from '../typeset/Typeset'
import { shownSign } from '../typeset/whole'
import { CopyValue } from './CopyValue'
import styles from './Lens.module.css'

const NAMES: Readonly<Record<string, string>> = {
  fraction: 'exact',
  mixed: 'mixed',
  repeating: 'repeating',
  scientific: 'scientific',
  engineering: 'by thousands',
}

/** A value, large and typeset, and the other ways to write it. */
export function ValueForms({ result, calculated }: { readonly result: Result; readonly calculated: boolean }) {
  if (result.kind === 'empty') return <p className={styles.empty}>Nothing is written here.</p>
  const forms = Object.entries(result.forms).filter(
    ([name, text]) =>
      text !== result.display &&
      !text.endsWith('e0') &&
      !(name === 'engineering' && text === result.forms['scientific']),
  )
  const hidesDigits = !result.exact && result.value !== null && result.value !== result.display

  return (
    <>
      <p className={styles.value} data-calculated={calculated}>
        {shownSign(result) === '≈ ' && (
          <span
            title={
              result.exact
                ? 'Shown with fewer digits than the value has'
                : 'The nearest number that is held, not the exact one'
            }
          >
            ≈{' '}
          </span>
        )}
        {(result.kind === 'number' || result.kind === 'quantity') && result.display.length < 32 ? (
          <Shown result={result} />
        ) : (
          <span className={styles.text}>{result.display}</span>
        )}
      </p>
      {(forms.length > 0 || hidesDigits) && (
        <ul className={styles.forms} aria-label="Other forms">
          {hidesDigits && (
            <li>
              <span>all digits</span> {result.value}
            </li>
          )}
          {forms.map(([name, text]) => (
            <li key={name}>
              <span>{NAMES[name] ?? name}</span> <Typeset latex={result.formsLatex[name] ?? ''} spoken={text} />
            </li>
          ))}
        </ul>
      )}
      {result.value !== null && <CopyValue result={result} />}
    </>
  )
}

/** The shown digits, with powers of ten raised. */
function Shown({ result }: { readonly result: Result }) {
  const [number, unit] = cutUnit(result.display, result.unit)
  const [digits = '', exponent] = number.split('e')
  return (
    <>
      {digits}
      {exponent !== undefined && (
        <>
          {' × 10'}
          <sup>{exponent}</sup>
        </>
      )}
      {unit !== '' && <span className={styles.unitBehind}>{unit}</span>}
    </>
  )
}
