import { numberParts } from './numberParts'
import styles from './NumberText.module.css'

/** A number as it is shown, with its fraction stacked, a bar over what repeats, and powers of ten raised. */
export function NumberText({ text }: { readonly text: string }) {
  const { plain, fraction, repeating, exponent } = numberParts(text)
  if (plain === text) return text
  return (
    <>
      <span className="spoken">{text}</span>
      <span aria-hidden="true" data-set className={styles.set}>
        {plain}
        {fraction && (
          <span className={styles.fraction}>
            <span>{fraction.above}</span>
            <span>{fraction.below}</span>
          </span>
        )}
        {repeating !== '' && <span className={styles.repeating}>{repeating}</span>}
        {exponent !== '' && (
          <>
            {' × 10'}
            <sup>{exponent}</sup>
          </>
        )}
      </span>
    </>
  )
}
