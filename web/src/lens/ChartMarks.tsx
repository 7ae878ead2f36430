import { useId } from 'react'
import type { Chart, ChartData } from '../api/types'
import { useChartStore } from '../chart/chartStore'
import { curveOf, markAt, middleOf, type MarkKind } from '../chart/marks'
import { hasPlaces } from '../drawing/pixels'
import { addMark } from '../commands/chartCommands'
import { EditableText } from '../worksheet/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

interface Props {
  readonly chart: Chart
  readonly data: ChartData | undefined
  readonly onChange: (chart: Chart) => void
}

/** What is put on a chart: where it is clicked at next, or by key in the middle. */
export function ChartMarks({ chart, data, onChange }: Props) {
  const open = useOpenWorksheet()
  const ids = useId()
  const placing = useChartStore((state) => (state.placing?.chart === chart.id ? state.placing.kind : null))
  if (!data || !hasPlaces(data)) return null
  const kinds: readonly MarkKind[] = ['label', 'arrow', 'formula', ...(curveOf(chart) ? (['tangent'] as const) : [])]
  const begin = (kind: MarkKind, isByKey: boolean) => {
    const mark = isByKey ? markAt(kind, middleOf(data), chart, data) : null
    useChartStore.setState({ placing: isByKey || placing === kind ? null : { chart: chart.id, kind } })
    if (mark) addMark(open, chart, mark)
  }
  return (
    <>
      <h2 className={styles.label}>On the chart</h2>
      <div className={styles.chips}>
        {kinds.map((kind) => (
          <button
            key={kind}
            type="button"
            className={styles.act}
            aria-pressed={placing === kind}
            // A press of a key has no place, and counts no clicks.
            onClick={(event) => begin(kind, event.detail === 0)}
          >
            + {kind}
          </button>
        ))}
      </div>
      {chart.marks.length > 0 && (
        <ul className={`${styles.units} ${styles.pairs}`}>
          {chart.marks.map((mark, index) => (
            <li key={index} className={styles.pair}>
              <label htmlFor={`${ids}-${index}`}>{mark.kind}</label>
              {mark.kind === 'tangent' ? (
                <EditableText
                  id={`${ids}-${index}`}
                  text={open.worksheet.settings.comma ? String(mark.across).replace('.', ',') : String(mark.across)}
                  label={`place of tangent ${index + 1}`}
                  onKeep={(text) => {
                    const place = Number(text.replace(',', '.'))
                    if (Number.isFinite(place))
                      onChange({ ...chart, marks: chart.marks.with(index, { ...mark, across: place }) })
                  }}
                />
              ) : (
                <EditableText
                  id={`${ids}-${index}`}
                  text={mark.text}
                  label={`text of ${mark.kind} ${index + 1}`}
                  onKeep={(text) => onChange({ ...chart, marks: chart.marks.with(index, { ...mark, text }) })}
                />
              )}
              <button
                type="button"
                className={styles.write}
                aria-label={`take off ${mark.kind} ${index + 1}`}
                onClick={() => onChange({ ...chart, marks: chart.marks.filter((_, at) => at !== index) })}
              >
                take off
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
