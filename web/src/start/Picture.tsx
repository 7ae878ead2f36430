import type { Listed } from '../api/types'
import { Sketch } from './Sketch'
import styles from './StartPage.module.css'

const ROWS_ABOVE_A_DRAWING = 4

/** A worksheet made small. */
export function Picture({ picture }: { readonly picture: Listed['picture'] }) {
  if (!picture) return <span className={styles.picture} aria-hidden="true" />
  // A drawing below has its room, so that nothing of it is cut off.
  const rows = picture.sketch ? picture.rows.slice(0, ROWS_ABOVE_A_DRAWING) : picture.rows
  return (
    <span className={styles.picture} aria-hidden="true">
      <span className={styles.heading}>{picture.heading}</span>
      <span className={styles.grid}>
        {rows.map((row, index) => (
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
      {picture.sketch && <Sketch sketch={picture.sketch} />}
    </span>
  )
}
