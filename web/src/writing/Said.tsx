import type { OpenCall, Preview } from '../api/types'
import { spokenFormula } from '../typeset/spoken'
import { Typeset } from '../typeset/Typeset'
import { isMathematics, typesetSign } from '../typeset/whole'
import { Words } from '../typeset/Words'
import { sumOf } from './better'
import styles from './Writing.module.css'

interface Props {
  readonly preview: Preview
  /** What is written. */
  readonly entry: string
  readonly onReplace: (text: string) => void
  /** Where the cursor is, in a cell's entry: a reference there can be kept fixed. */
  readonly cursor?: number
  /** Where what is written stands for many values: at which of them it is shown. */
  readonly at?: string
  /** Whether the value is shown beside the expression. */
  readonly showsValue?: boolean
}

/** What is said of an expression while it is written: what is wrong and how to mend it, how it looks, what it is worth. */
export function Said({ preview, entry, onReplace, cursor, at = '', showsValue = true }: Props) {
  const { calculation, soFar, call, looksLikeCalculation } = preview
  const { error, hints } = calculation
  const { result, latex, error: stillWrong } = soFar ?? calculation
  const fix = error?.fixes[0]
  const sum = sumOf(preview)
  const hint = hints.find(({ code }) => code !== 'text-calculation')
  const pointed =
    cursor === undefined ? undefined : preview.references.find(({ start, end }) => start <= cursor && cursor <= end)

  return (
    <>
      {sum && (
        <div className={styles.hint}>
          <span>
            <code>{sum.word}</code> {sum.says}.
          </span>
          <button type="button" onClick={() => onReplace(`=${sum.word}`)}>
            Write it
          </button>
          <kbd>Alt Enter</kbd>
        </div>
      )}
      {error && !sum && (
        <div className={styles.error} role="status">
          <span>
            {at !== '' && `At ${at}: `}
            <Words text={error.message} />
          </span>
          {fix && (
            <>
              <button type="button" onClick={() => onReplace(fix.replacement)}>
                {fix.label}
              </button>
              <kbd>Alt Enter</kbd>
            </>
          )}
        </div>
      )}
      {preview.kind === 'calculation' && (latex !== '' || !stillWrong) && (
        <div className={styles.preview}>
          <span className={styles.formula}>
            {latex !== '' && <Typeset latex={latex} spoken={spokenFormula(entry)} />}
          </span>
          {!stillWrong && showsValue && (
            <output className={styles.value} aria-label="value so far">
              {at !== '' && <small>at {at}: </small>}
              {isMathematics(result) && typesetSign(result)}
              {isMathematics(result) ? <Typeset latex={result.latex} spoken={result.display} /> : result.display}
            </output>
          )}
        </div>
      )}
      {pointed && !error && (
        <div className={`${styles.hint} ${styles.fixes}`}>
          <span>
            <code>{entry.slice(pointed.start, pointed.end)}</code> moves along where the formula is continued, but for
            what stands behind a <code>$</code>.
          </span>
          <kbd>Alt 4</kbd>
        </div>
      )}
      {looksLikeCalculation && (
        <div className={styles.hint}>
          <span>This is kept as a text.</span>
          <button type="button" onClick={() => onReplace(`=${entry}`)}>
            Calculate it
          </button>
        </div>
      )}
      {call ? (
        <CallHint call={call} />
      ) : (
        hint && (
          <div className={styles.hint}>
            <span>
              <Words text={hint.message} />
            </span>
            {hint.replacement !== '' && (
              <span>
                <button type="button" onClick={() => onReplace(hint.replacement)}>
                  Write <code>{hint.replacement}</code>
                </button>{' '}
                <kbd>Alt Enter</kbd>
              </span>
            )}
          </div>
        )
      )}
    </>
  )
}

function CallHint({ call }: { readonly call: OpenCall }) {
  const current = call.parameters[call.argument]
  return (
    <div className={styles.hint}>
      <span>
        <code>{call.function}(</code>
        {call.parameters.map((parameter, index) => (
          <code key={parameter.name} data-current={index === call.argument}>
            {index > 0 && ', '}
            {parameter.required ? parameter.name : `${parameter.name}?`}
            {parameter.repeated && ', …'}
          </code>
        ))}
        <code>)</code>
      </span>
      {current && <span>{current.says === '' ? call.says : `${current.name}: ${current.says}`}</span>}
    </div>
  )
}
