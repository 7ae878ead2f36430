import { useId } from 'react'
import type { Chart, ChartSeries, Grid, Source } from '../api/types'
import { areaOf } from '../sheet/address'
import { freshId } from '../sheet/freshId'
import { cellsIn, linesOf, newSeries } from '../chart/made'
import { isTable, withoutSeries, withSeries } from '../chart/settings'
import { EditableText } from '../worksheet/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { useNotices } from '../worksheet/useNotices'
import { EditableExpression } from '../writing/EditableExpression'
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
  const { grids } = useOpenWorksheet()
  const notices = useNotices()
  const ids = useId()
  /** What is refused is told, and stays in its field. */
  const unlessRefused = (refusal: string | null, then: () => unknown) => {
    if (refusal === null) return then()
    notices.refuse(refusal)
    return Promise.reject(new Error(refusal))
  }
  const isPlot = chart.form === 'PLOT'
  const hasAcross = (isPlot || chart.form === 'SHARES') && chart.series.some((each) => each.source.of === 'cells')
  const change = (part: Partial<ChartSeries>) => onChange(withSeries(chart, index, part))
  const field = (says: string, label: string, text: string, onKeep: (text: string) => unknown, mayBeEmpty = false) => (
    <div className={styles.pair} key={label}>
      <label htmlFor={`${ids}-${label}`}>{says}</label>
      <EditableText
        id={`${ids}-${label}`}
        text={text}
        label={label}
        className={styles.entry}
        mayBeEmpty={mayBeEmpty}
        onKeep={onKeep}
      />
    </div>
  )
  return (
    <div className={styles.pairs}>
      {!isTable(chart.form) && field('name', 'name of the series', series.name, (name) => change({ name }), true)}
      {partsOf(series.source, chart, grids).map(([says, text, changed]) =>
        EXPRESSIONS.has(says) && series.source.of !== 'cells' && series.source.of !== 'deleted' ? (
          <div className={styles.pair} key={says}>
            <label htmlFor={`${ids}-${says}`}>{says}</label>
            <EditableExpression
              id={`${ids}-${says}`}
              text={text}
              label={`${says} of the series`}
              grid={chart.grid}
              given={[
                {
                  word: series.source.of === 'curve' ? series.source.variable : series.source.parameter,
                  value: series.source.from,
                },
              ]}
              onKeep={(next) => onChange(withSource(chart, index, changed(next.replace(/^=/, ''))))}
            />
          </div>
        ) : (
          field(says, `${says} of the series`, text, (next) =>
            unlessRefused(says === 'cells' ? refusalOf(next, grids) : null, () =>
              onChange(withSource(chart, index, changed(next))),
            ),
          )
        ),
      )}
      {hasAcross &&
        field(
          'across',
          'cells across',
          chart.across ?? '',
          (across) =>
            unlessRefused(across.trim() === '' ? null : refusalOf(across), () =>
              onChange({ ...chart, across: across.trim() === '' ? null : upper(across), acrossDeleted: false }),
            ),
          true,
        )}
      {hasAcross &&
        isPlot &&
        field(
          'error bars',
          'cells with error bars',
          series.errors ?? '',
          (errors) =>
            unlessRefused(errors.trim() === '' ? null : refusalOf(errors), () =>
              change({ errors: errors.trim() === '' ? null : upper(errors), errorsDeleted: false }),
            ),
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
                  series.source.of === 'cells'
                    ? { ...series, id: freshId('series'), name: '' }
                    : newSeries(series.source, 'LINE'),
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

/** Which parts of a source are expressions of its variable. */
const EXPRESSIONS: ReadonlySet<string> = new Set(['expression', 'across', 'up'])

const upper = (area: string) => area.trim().toUpperCase()

const GRID = /^(?:'([^']+)'|([^.']+))\.(.+)$/

const CELLS = /^\$?[A-Z]+\$?\d+(?::\$?[A-Z]+\$?\d+)?$/i

/** Why these are no cells of a grid, or of the chart's own where no others may be; nothing where they are. */
function refusalOf(text: string, grids: readonly Grid[] = []): string | null {
  const [, quoted, plain, area = text] = GRID.exec(text.trim()) ?? []
  const title = quoted ?? plain
  if (title !== undefined && grids.length > 0 && !grids.some((each) => sameTitle(each, title)))
    return `There is no grid called \`${title}\`.`
  const isCells = CELLS.test(area.trim()) && (title === undefined || grids.length > 0)
  return isCells ? null : `Cells are written like \`B2:B9\`, and \`${text.trim()}\` is not.`
}

const sameTitle = (grid: Grid, title: string) => grid.title.toLowerCase() === title.trim().toLowerCase()

/** Cells as people write them, with their grid where that is another than the chart's. */
function cellsText(area: string, grid: string | null, chart: Chart, grids: readonly Grid[]): string {
  const other = grid !== null && grid !== chart.grid ? grids.find((each) => each.id === grid) : undefined
  return other ? `${/^\w+$/.test(other.title) ? other.title : `'${other.title}'`}.${area}` : area
}

function cellsOf(text: string, chart: Chart, grids: readonly Grid[]): Source {
  const [, quoted, plain, area] = GRID.exec(text.trim()) ?? []
  const grid = grids.find((each) => sameTitle(each, quoted ?? plain ?? ''))
  return area && grid ? cellsIn(upper(area), grid.id === chart.grid ? null : grid.id) : cellsIn(upper(text))
}

/** The chart with another source for a series; a range of several lines becomes a series for each. */
function withSource(chart: Chart, index: number, source: Source): Chart {
  const series = chart.series[index]
  if (!series) return chart
  const lines = source.of === 'cells' && !isTable(chart.form) ? linesOf(areaOf(source.area)) : []
  if (source.of !== 'cells' || lines.length < 2) return withSeries(chart, index, { source })
  const apart = lines.map((area, at) => ({
    ...series,
    id: at === 0 ? series.id : freshId('series'),
    name: at === 0 ? series.name : '',
    source: { ...source, area },
  }))
  return { ...chart, series: chart.series.toSpliced(index, 1, ...apart) }
}

/** The parts of a source that can be written anew. */
function partsOf(
  source: Source,
  chart: Chart,
  grids: readonly Grid[],
): readonly (readonly [string, string, (text: string) => Source])[] {
  switch (source.of) {
    case 'cells':
      return [['cells', cellsText(source.area, source.grid, chart, grids), (text) => cellsOf(text, chart, grids)]]
    case 'deleted':
      return [['cells', source.was, (text) => cellsOf(text, chart, grids)]]
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
