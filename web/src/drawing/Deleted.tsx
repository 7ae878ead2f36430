import type { Chart } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './ChartBlock.module.css'
import { withoutSeries } from '../chart/settings'

/** The ways on where cells of a chart were deleted; which they were is told above. */
export function Deleted({ chart }: { readonly chart: Chart }) {
  const { keep } = useOpenWorksheet()
  const gone = chart.series.findIndex((series) => series.source.of === 'deleted')
  const withoutErrors = chart.series.some((series) => series.errorsDeleted)
  if (!chart.acrossDeleted && gone < 0 && !withoutErrors) return null
  const send = (block: Chart) => void keep([{ do: 'changeBlock', block }]).catch(() => undefined)
  return (
    <div className={styles.ways} role="group" aria-label="Ways on">
      {chart.acrossDeleted && (
        <button type="button" className={styles.more} onClick={() => send({ ...chart, acrossDeleted: false })}>
          Count 1, 2, 3 across
        </button>
      )}
      {gone >= 0 && chart.series.length > 1 && (
        <button type="button" className={styles.more} onClick={() => send(withoutSeries(chart, gone))}>
          Take the series out
        </button>
      )}
      {withoutErrors && (
        <button
          type="button"
          className={styles.more}
          onClick={() =>
            send({ ...chart, series: chart.series.map((series) => ({ ...series, errorsDeleted: false })) })
          }
        >
          Draw it without error bars
        </button>
      )}
    </div>
  )
}
