import type { Chart, ChartSeries, Source } from '../api/types'
import { newSeries } from '../chart/made'
import { isTable, withoutSeries, withSeries } from '../chart/settings'
import { EditableText } from '../typeset/EditableText'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'

interface Props {
  readonly chart: Chart
  readonly index: number
  readonly series: ChartSeries
  readonly onChange: (chart: Chart) => void
}

/** Where the points of a series come from, its name and error bars, and adding or taking out a series. */
export function SeriesSource({ chart, index, series, onChange }: Props) {
  const show = useWorksheetStore((state) => state.show)
  const isPlot = chart.form === 'PLOT'
  const hasAcross = (isPlot || chart.form === 'SHARES') && chart.series.some((each) => each.source.of === 'cells')
  const change = (part: Partial<ChartSeries>) => onChange(withSeries(chart, index, part))
  const field = (says: string, label: string, text: string, onKeep: (text: string) => void, mayBeEmpty = false) => (
    <div className={styles.pair} key={label}>
      <span>{says}</span>
      <EditableText text={text} label={label} className={styles.entry} mayBeEmpty={mayBeEmpty} onKeep={onKeep} />
    </div>
  )
  return (
    <div className={styles.pairs}>
      {!isTable(chart.form) && field('name', 'name of the series', series.name, (name) => change({ name }), true)}
      {partsOf(series.source).map(([says, text, changed]) =>
        field(says, `${says} of the series`, text, (next) => change({ source: changed(next) })),
      )}
      {hasAcross &&
        field(
          'across',
          'cells across',
          chart.across ?? '',
          (across) => onChange({ ...chart, across: across.trim() === '' ? null : upper(across) }),
          true,
        )}
      {hasAcross &&
        isPlot &&
        field(
          'error bars',
          'cells with error bars',
          series.errors ?? '',
          (errors) => change({ errors: errors.trim() === '' ? null : upper(errors) }),
          true,
        )}
      <div className={styles.chips}>
        {!isTable(chart.form) && chart.form !== 'SHARES' && (
          <button
            type="button"
            className={styles.act}
            onClick={() =>
              onChange({
                ...chart,
                series: [
                  ...chart.series,
                  series.source.of === 'cells' ? { ...series, name: '' } : newSeries(series.source, 'LINE'),
                ],
                legend: chart.legend === 'NONE' ? 'ABOVE' : chart.legend,
              })
            }
          >
            + series
          </button>
        )}
        {isPlot && (
          <button type="button" className={styles.act} onClick={() => show({ kind: 'curve', chart: chart.id })}>
            + curve …
          </button>
        )}
        {chart.series.length > 1 && (
          <button type="button" className={styles.act} onClick={() => onChange(withoutSeries(chart, index))}>
            take out
          </button>
        )}
      </div>
    </div>
  )
}

const upper = (area: string) => area.trim().toUpperCase()

/** The parts of a source that can be written anew. */
function partsOf(source: Source): readonly (readonly [string, string, (text: string) => Source])[] {
  switch (source.of) {
    case 'cells':
      return [['cells', source.area, (area) => ({ ...source, area: upper(area) })]]
    case 'curve':
      return [
        ['expression', source.expression, (expression) => ({ ...source, expression })],
        ['variable', source.variable, (variable) => ({ ...source, variable })],
        ['from', source.from, (from) => ({ ...source, from })],
        ['to', source.to, (to) => ({ ...source, to })],
      ]
    case 'path':
      return [
        ['across', source.across, (across) => ({ ...source, across })],
        ['up', source.up, (up) => ({ ...source, up })],
        ['parameter', source.parameter, (parameter) => ({ ...source, parameter })],
        ['from', source.from, (from) => ({ ...source, from })],
        ['to', source.to, (to) => ({ ...source, to })],
      ]
  }
}
