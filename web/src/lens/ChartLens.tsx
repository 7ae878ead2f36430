import { useId } from 'react'
import { useChart } from '../api/queries'
import type { AxisLook, Chart, ChartAxis, Tick } from '../api/types'
import { CHART_SETTINGS, SERIES_SETTINGS, type Setting } from '../chart/settings'
import { EditableText } from '../worksheet/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'
import { ChartHandOver } from './ChartHandOver'
import { ChartMarks } from './ChartMarks'
import { ChartRun } from './ChartRun'
import { SeriesFit } from './SeriesFit'
import { SeriesSource } from './SeriesSource'

/** The settings of a chart, and of the series that is looked at. */
export function ChartLens({ chart, series: index }: { readonly chart: Chart; readonly series: number }) {
  const { worksheet, at, keep } = useOpenWorksheet()
  const { data } = useChart(worksheet.id, at, chart.id)
  const select = useWorksheetStore((state) => state.select)
  const send = (block: Chart) => void keep([{ do: 'changeBlock', block }]).catch(() => undefined)
  const change = (part: Partial<Chart>) => send({ ...chart, ...part })
  const chosen = Math.min(index, chart.series.length - 1)
  const series = chart.series[chosen]
  const named = (id: string) => CHART_SETTINGS.filter((setting) => setting.id === id)
  const looks = SERIES_SETTINGS.filter(({ id, isPossible }) => id !== 'fit' && (isPossible?.(chart, chosen) ?? true))
  const hasAxes = chart.form !== 'SHARES'
  const isTwoWay = data?.table != null

  return (
    <>
      <header className={styles.head}>
        <span className={styles.address}>{chart.title}</span>
        <span>chart</span>
      </header>
      <Settings settings={named('shown-as')} chart={chart} series={chosen} onChoose={send} />
      {hasAxes && (
        <>
          <Axis
            says="Across"
            horizontal
            axis={data?.across}
            isWhole={isTwoWay}
            heads={data?.table?.across ?? []}
            look={chart.acrossAxis}
            onChange={(acrossAxis) => change({ acrossAxis })}
          />
          <Settings settings={named('steps-across')} chart={chart} series={chosen} onChoose={send} />
          <Axis
            says="Up"
            axis={data?.up}
            isWhole={isTwoWay}
            heads={data?.table?.up ?? []}
            look={chart.upAxis}
            onChange={(upAxis) => change({ upAxis })}
          />
          <Settings settings={named('steps-up')} chart={chart} series={chosen} onChoose={send} />
          {(data?.right ?? data?.table) && (
            <Axis
              says={data.table ? 'Values' : 'Up on the right'}
              axis={data.right ?? data.table?.height}
              isWhole={isTwoWay}
              look={chart.rightAxis}
              onChange={(rightAxis) => change({ rightAxis })}
            />
          )}
        </>
      )}
      <h2 className={styles.label}>Series</h2>
      <div className={styles.seriesList} role="group" aria-label="Series">
        {chart.series.map((each, at) => (
          <button
            key={at}
            type="button"
            className={styles.seriesRow}
            aria-pressed={at === chosen}
            onClick={() => select({ kind: 'chart', id: chart.id, series: at })}
          >
            <span className={styles.swatch} style={{ background: swatch(each.look.colour, at) }} />
            <span>{data?.series[at]?.name ?? data?.table?.height.title ?? each.name}</span>
            <code>{each.source.of === 'cells' ? each.source.area : data?.series[at]?.source}</code>
          </button>
        ))}
      </div>
      {series && (
        <>
          <SeriesSource chart={chart} index={chosen} series={series} onChange={send} />
          <Settings
            settings={SERIES_SETTINGS.filter((setting) => setting.id === 'fit')}
            chart={chart}
            series={chosen}
            onChoose={send}
          />
          {data?.series[chosen]?.fit && <SeriesFit chart={chart} index={chosen} fit={data.series[chosen].fit} />}
          {looks.length > 0 && (
            <details className={styles.more}>
              <summary>Look of {data?.series[chosen]?.name ?? 'the series'}</summary>
              <Settings settings={looks} chart={chart} series={chosen} onChoose={send} />
            </details>
          )}
        </>
      )}
      <ChartMarks chart={chart} data={data} onChange={send} />
      <details className={styles.more}>
        <summary>Layout</summary>
        <Settings
          settings={CHART_SETTINGS.filter(({ id }) => id !== 'shown-as' && !id.startsWith('steps'))}
          chart={chart}
          series={chosen}
          onChoose={send}
        />
      </details>
      {at === null && <ChartRun key={chart.id} chart={chart} />}
      {data && <ChartHandOver chart={chart} data={data} />}
    </>
  )
}

const swatch = (colour: string, index: number) => (colour.startsWith('#') ? colour : `var(--series-${index % 8})`)

interface SettingsProps {
  readonly settings: readonly Setting[]
  readonly chart: Chart
  readonly series: number
  readonly onChoose: (chart: Chart) => void
}

/** Settings as rows of buttons. */
function Settings({ settings, chart, series, onChoose }: SettingsProps) {
  return settings
    .filter((setting) => setting.isPossible?.(chart, series) ?? true)
    .map((setting) => (
      <fieldset key={setting.id} className={styles.series}>
        <legend className={styles.label}>{setting.says}</legend>
        {setting.choices(chart, series).map((choice) => (
          <button
            key={choice.label}
            type="button"
            className={styles.chip}
            aria-pressed={choice.isOn}
            onClick={() => onChoose(choice.chosen())}
          >
            {choice.label}
          </button>
        ))}
      </fieldset>
    ))
}

interface AxisProps {
  readonly says: string
  readonly horizontal?: boolean
  readonly axis: ChartAxis | undefined
  /** Whether all of it is always shown. */
  readonly isWhole: boolean
  /** The headings of a two-way table along it. */
  readonly heads?: readonly Tick[]
  readonly look: AxisLook
  readonly onChange: (look: AxisLook) => void
}

/** Where an axis begins or ends, as the tick or the heading says that stands there. */
function endOf({ scale }: ChartAxis, end: 'least' | 'most', heads: readonly Tick[] = []): string {
  const at = scale[end]
  return [...scale.ticks, ...heads].find((tick) => Math.abs(tick.at - at) <= Math.abs(at) * 1e-9)?.label ?? String(at)
}

/** An axis: its title, and from where to where it goes. */
function Axis({ says, horizontal = false, axis, isWhole, heads = [], look, onChange }: AxisProps) {
  const which = says === 'Values' ? 'values' : `${horizontal ? 'horizontal' : 'vertical'} axis`
  const id = useId()
  return (
    <>
      <h2 className={styles.label}>
        <label htmlFor={id}>{says}</label>
      </h2>
      <div className={styles.axis}>
        <EditableText
          id={id}
          text={look.title || axis?.title || ''}
          label={`title of the ${which}`}
          mayBeEmpty
          onKeep={(title) => onChange({ ...look, title })}
        />
        {axis && !axis.places && isWhole && (
          <span className={styles.range}>
            {endOf(axis, 'least', heads)} to {endOf(axis, 'most', heads)}
          </span>
        )}
        {axis && !axis.places && !isWhole && (
          <span className={styles.range}>
            <label htmlFor={`${id}-from`}>from</label>
            <EditableText
              id={`${id}-from`}
              text={look.least || endOf(axis, 'least')}
              label={`beginning of the ${which}`}
              mayBeEmpty
              onKeep={(least) => onChange({ ...look, least })}
            />
            <label htmlFor={`${id}-to`}>to</label>
            <EditableText
              id={`${id}-to`}
              text={look.most || endOf(axis, 'most')}
              label={`end of the ${which}`}
              mayBeEmpty
              onKeep={(most) => onChange({ ...look, most })}
            />
            {(look.least !== '' || look.most !== '') && (
              <button type="button" className={styles.act} onClick={() => onChange({ ...look, least: '', most: '' })}>
                as the values ask
              </button>
            )}
          </span>
        )}
      </div>
    </>
  )
}
