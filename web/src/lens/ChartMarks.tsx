import type { Chart, ChartData, Mark } from '../api/types'
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

/** What is put on a chart: new marks come into the middle and are moved from there. */
export function ChartMarks({ chart, data, onChange }: Props) {
  const open = useOpenWorksheet()
  if (!data || !hasPlaces(data)) return null
  const { across, up } = data
  const part = (axis: typeof across, share: number) => axis.scale.least + (axis.scale.most - axis.scale.least) * share
  const middle = { across: part(across, 0.5), up: part(up, 0.5) }
  const curve = chart.series.find((series) => series.source.of === 'curve')
  const kinds: readonly (readonly [string, Mark])[] = [
    ['label', { kind: 'label', ...middle, text: 'label' }],
    ['arrow', { kind: 'arrow', ...middle, fromAcross: part(across, 0.65), fromUp: part(up, 0.7), text: 'here' }],
    ['formula', { kind: 'formula', ...middle, text: 'y = x^2' }],
    ...(curve ? ([['tangent', { kind: 'tangent', series: curve.id, across: middle.across }]] as const) : []),
  ]
  return (
    <>
      <h2 className={styles.label}>On the chart</h2>
      <div className={styles.chips}>
        {kinds.map(([says, mark]) => (
          <button key={says} type="button" className={styles.act} onClick={() => addMark(open, chart, mark)}>
            + {says}
          </button>
        ))}
      </div>
      {chart.marks.length > 0 && (
        <ul className={styles.units}>
          {chart.marks.map((mark, index) => (
            <li key={index}>
              {mark.kind === 'tangent' ? (
                <EditableText
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
