import type { Listed } from '../api/types'
import styles from './StartPage.module.css'

/** A worksheet made small. */
export function Picture({ picture }: { readonly picture: Listed['picture'] }) {
  return (
    <span className={styles.picture} aria-hidden="true">
      <span className={styles.heading}>{picture.heading}</span>
      <span className={styles.grid}>
        {picture.rows.map((row, index) => (
          <span key={index} className={styles.row}>
            {row.map((dot, column) => (
              <span
                key={column}
                className={`${styles.dot} ${dot.number ? styles.number : ''} ${dot.calculated ? styles.calculated : ''}`}
              >
                {dot.text}
              </span>
            ))}
          </span>
        ))}
      </span>
      {picture.chart && (
        <svg viewBox="0 0 120 34" className={styles.curve}>
          <path d="M4 2v28h112" />
          <path d="M6 5c14 14 34 20 108 23" />
        </svg>
      )}
    </span>
  )
}
