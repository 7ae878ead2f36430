import type { Result } from '../api/types'
import { cutUnit } from '../sheet/quantity'
import { NumberText } from '../typeset/NumberText'
import { Typeset } from '../typeset/Typeset'
import { spokenExpression } from '../typeset/spoken'
import { inFull } from '../typeset/copies'
import { isLetters, isNumber, shownSign, withMinusSigns } from '../typeset/whole'
import { CopyValue } from './CopyValue'
import { Digits } from './Digits'
import styles from './Lens.module.css'

const NAMES: Readonly<Record<string, string>> = {
  exact: 'exact',
  root: 'exact',
  polar: 'distance and direction',
  fraction: 'exact',
  mixed: 'mixed',
  repeating: 'repeating',
  scientific: 'scientific',
  engineering: 'by thousands',
}

/** Powers of ten say nothing new of numbers that are read at a glance. */
const isPlain = ({ approx }: Result) =>
  approx !== null && (approx === 0 || (Math.abs(approx) >= 0.1 && Math.abs(approx) < 1000))

/** What the number is comes before the digits that are held of it. */
const isExact = ([name]: readonly [string, string]) => name === 'exact'

/** The other forms that say more, or say it otherwise. */
function otherForms(result: Result): readonly (readonly [string, string])[] {
  const [shown] = cutUnit(result.display, result.unit)
  const { scientific } = result.forms
  return Object.entries(result.forms).filter(
    ([name, text]) =>
      text !== shown &&
      !(name === 'engineering' && text === scientific) &&
      !((name === 'scientific' || name === 'engineering') && isPlain(result)),
  )
}

/** A value, large and typeset, and the other ways to write it. */
export function ValueForms({ result, calculated }: { readonly result: Result; readonly calculated: boolean }) {
  if (result.kind === 'empty') return <p className={styles.empty}>Nothing is written here.</p>
  const forms = otherForms(result)
  const [whole] = cutUnit(inFull(result), result.unit)
  const hidesDigits =
    isNumber(result) &&
    (result.dropsDigits || !result.exact) &&
    !forms.some(([, text]) => text === whole) &&
    whole !== cutUnit(result.display, result.unit)[0]

  const written = ([name, text]: readonly [string, string]) => (
    <li key={name}>
      <span>{NAMES[name] ?? name}</span> <Typeset latex={result.formsLatex[name] ?? ''} spoken={text} />
    </li>
  )

  return (
    <>
      <div className={styles.value} data-calculated={calculated}>
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
        {isNumber(result) && result.display.length < 32 ? (
          <Shown result={result} />
        ) : isLetters(result) ? (
          <Typeset className={styles.expression} latex={result.latex} spoken={spokenExpression(result.display)} />
        ) : (
          <span className={styles.text}>{result.display}</span>
        )}
      </div>
      {(forms.length > 0 || hidesDigits) && (
        <ul className={styles.forms} aria-label="Other forms">
          {forms.filter(isExact).map(written)}
          {hidesDigits && (
            <li>
              <span>all digits</span> <Digits text={whole} />
            </li>
          )}
          {forms.filter((form) => !isExact(form)).map(written)}
        </ul>
      )}
      {result.value !== null && <CopyValue result={result} />}
    </>
  )
}

/** The shown digits with their unit. */
function Shown({ result }: { readonly result: Result }) {
  const [number, unit] = cutUnit(result.display, result.unit)
  return (
    <>
      <NumberText text={withMinusSigns(number)} />
      {unit !== '' && <span className={styles.unitBehind}>{unit}</span>}
    </>
  )
}
