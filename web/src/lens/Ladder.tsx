import { useEffect, useRef } from 'react'
import type { Calculation, Step } from '../api/types'
import { spokenExpression } from '../typeset/spoken'
import { Typeset } from '../typeset/Typeset'
import { isMathematics, typesetSign } from '../typeset/whole'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Ladder.module.css'

/** The working as a ladder: each rung an expression with the part that is worked next, under it the rule. */
export function Ladder({ calculation }: { readonly calculation: Calculation }) {
  const { steps } = calculation
  const shown = useWorksheetStore((state) => state.step)
  const current = shown < 0 ? -1 : shown % (steps.length + 1)
  const list = useRef<HTMLOListElement>(null)

  useEffect(() => {
    if (current >= 0) list.current?.children[current]?.scrollIntoView({ block: 'nearest' })
  }, [current])

  return (
    <ol className={styles.ladder} ref={list}>
      {steps.map((step, index) => (
        <li key={index} aria-current={index === current ? 'step' : undefined}>
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
        <Answer calculation={calculation} />
      </li>
    </ol>
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
