import { useChart } from '../api/queries'
import type { Chart, Shape } from '../api/types'
import { EditableText } from '../typeset/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

const SHAPES: readonly { readonly shape: Shape; readonly label: string }[] = [
  { shape: 'POINTS', label: 'points' },
  { shape: 'LINE', label: 'line' },
  { shape: 'POINTS_AND_LINE', label: 'points and line' },
]

/** The settings of a chart. */
export function ChartLens({ chart }: { readonly chart: Chart }) {
  const { worksheet, at, keep } = useOpenWorksheet()
  const { data } = useChart(worksheet.id, at, chart.id)
  const change = (part: Partial<Chart>) =>
    void keep([{ do: 'changeBlock', block: { ...chart, ...part } }]).catch(() => undefined)
  const shapeOf = (index: number, shape: Shape) =>
    change({ series: chart.series.map((series, at) => (at === index ? { ...series, shape } : series)) })

  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>{chart.title}</span>
        <span>chart</span>
      </header>
      <h2 className={styles.label}>Title</h2>
      <EditableText text={chart.title} label="chart title" onKeep={(title) => change({ title })} />
      <h2 className={styles.label}>Across</h2>
      <EditableText
        text={chart.acrossTitle}
        label="title of the horizontal axis"
        onKeep={(acrossTitle) => change({ acrossTitle })}
      />
      <h2 className={styles.label}>Up</h2>
      <EditableText text={chart.upTitle} label="title of the vertical axis" onKeep={(upTitle) => change({ upTitle })} />
      {chart.series.map((series, index) => (
        <fieldset key={series.cells} className={styles.series}>
          <legend className={styles.label}>
            {data?.series[index]?.name ?? ''} <code>{series.cells}</code>
          </legend>
          {SHAPES.map(({ shape, label }) => (
            <button
              key={shape}
              type="button"
              className={styles.chip}
              aria-pressed={series.shape === shape}
              onClick={() => shapeOf(index, shape)}
            >
              {label}
            </button>
          ))}
        </fieldset>
      ))}
      <h2 className={styles.label}>On the chart</h2>
      <button
        type="button"
        className={styles.chip}
        aria-pressed={chart.legend}
        onClick={() => change({ legend: !chart.legend })}
      >
        legend {chart.legend && '✓'}
      </button>
    </>
  )
}
