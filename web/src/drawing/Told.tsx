import { useState } from 'react'
import { Words } from '../typeset/Words'
import styles from './ChartBlock.module.css'

/** So much fits in two lines. */
const SHORT = 170

/** What a chart does not show, or not as it is: two lines at the most, the rest when it is asked for. */
export function Told({ faults }: { readonly faults: readonly string[] }) {
  const [isWhole, setWhole] = useState(false)
  const [first = '', ...others] = faults
  if (first === '') return null
  const isShort = others.length === 0 && first.length <= SHORT
  return (
    <div className={styles.told} role="status" data-whole={isWhole || isShort}>
      {(isWhole ? faults : [first]).map((fault) => (
        <p key={fault} className={styles.fault} data-alone={others.length === 0}>
          <Words text={fault} />
        </p>
      ))}
      {!isShort && (
        <button type="button" className={styles.more} aria-expanded={isWhole} onClick={() => setWhole(!isWhole)}>
          {isWhole ? 'less' : others.length > 0 ? `and ${others.length} more` : 'all of it'}
        </button>
      )}
    </div>
  )
}
