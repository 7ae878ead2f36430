import type { Chart, DrawnFit } from '../api/types'
import { freshId } from '../sheet/freshId'
import { Typeset } from '../typeset/Typeset'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

interface Props {
  readonly chart: Chart
  readonly index: number
  readonly fit: DrawnFit
}

/** The curve through a series: its equation, how much it explains, and its coefficients for a grid. */
export function SeriesFit({ chart, index, fit }: Props) {
  const { act } = useOpenWorksheet()
  const largest = fit.residuals.reduce(
    (most, point) => (Math.abs(point.up ?? 0) > Math.abs(most?.up ?? 0) ? point : most),
    fit.residuals[0],
  )
  return (
    <>
      <p className={styles.formula}>
        <Typeset
          latex={`y ${fit.rounded ? '\\approx' : '='} ${fit.latex}`}
          spoken={`y ${fit.rounded ? '≈' : '='} ${fit.text}`}
        />
      </p>
      {fit.units !== '' && <p className={styles.further}>{fit.units}</p>}
      <ul className={styles.forms}>
        <li>
          <span>R²</span> {fit.rSquared}
        </li>
        {largest && (
          <li>
            <span>furthest off</span> {largest.upText} at {largest.acrossText}
          </li>
        )}
        <li>
          <button
            type="button"
            className={styles.link}
            onClick={() =>
              void act({ do: 'putFit', chart: chart.id, series: index, id: freshId('grid') }).catch(() => undefined)
            }
          >
            put in a grid, with residuals
          </button>
        </li>
      </ul>
    </>
  )
}
