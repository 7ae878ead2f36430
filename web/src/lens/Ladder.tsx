import { useEffect, useRef } from 'react'
import type { Calculation, Step } from '../api/types'
import { spokenExpression } from '../typeset/spoken'
import { Typeset } from '../typeset/Typeset'
import { isMathematics, typesetSign } from '../typeset/whole'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Ladder.module.css'

/** Fewer steps are not folded. */
const FEWEST = 4

/** The working as a ladder: each rung an expression with the part that is worked next, under it the rule. */
export function Ladder({ calculation }: { readonly calculation: Calculation }) {
  const { steps } = calculation
  const shown = useWorksheetStore((state) => state.step)
  const current = shown < 0 ? -1 : shown % (steps.length + 1)
  const folds = useWorksheetStore((state) => state.mainSteps)
  const toggle = useWorksheetStore((state) => state.toggle)
  const small = steps.filter((step) => !step.main).length
  const canFold = small > 0 && small < steps.length && steps.length >= FEWEST
  // Who goes from step to step sees each of them.
  const folded = canFold && folds && current < 0
  const list = useRef<HTMLOListElement>(null)

  useEffect(() => {
    if (current >= 0) list.current?.children[current]?.scrollIntoView({ block: 'nearest' })
  }, [current])

  return (
    <>
      {canFold && (
        <button type="button" className={styles.fold} aria-pressed={folded} onClick={() => toggle('mainSteps')}>
          {folded ? `Show ${small} smaller ${small === 1 ? 'step' : 'steps'} too` : 'Main steps only'}
        </button>
      )}
      <ol className={styles.ladder} ref={list}>
        {steps.map((step, index) => (
          <li key={index} hidden={folded && !step.main} aria-current={index === current ? 'step' : undefined}>
            <Rung step={step} />
            <span className={styles.rule}>{step.label}</span>
            {step.note !== '' && <span className={styles.note}>{step.note}</span>}
            {index === current && (
              <span className="spoken" aria-live="polite">
                {spokenExpression(step.before)}: {step.label}, gives {spokenExpression(step.value)}
              </span>
            )}
          </li>
        ))}
        <li className={styles.last} aria-current={current === steps.length ? 'step' : undefined}>
          <div className={styles.answer}>
            <Answer calculation={calculation} />
          </div>
        </li>
      </ol>
    </>
  )
}

function Rung({ step }: { readonly step: Step }) {
  return step.latex === '' ? (
    <code className={styles.long}>{step.before}</code>
  ) : (
    <Typeset className={styles.rung} latex={step.latex} spoken={spokenExpression(step.before)} />
  )
}

/** The value: where the steps went on in fractions first as one, and then as it is shown. */
function Answer({ calculation: { result, fraction } }: { readonly calculation: Calculation }) {
  if (!isMathematics(result)) return result.display
  if (fraction === '' || fraction === result.latex) {
    return (
      <>
        {typesetSign(result)}
        <Typeset latex={result.latex} spoken={result.display} />
      </>
    )
  }
  return (
    <>
      <Typeset latex={fraction} spoken="" /> {typesetSign(result) || '= '}
      <Typeset latex={result.latex} spoken={result.display} />
    </>
  )
}
