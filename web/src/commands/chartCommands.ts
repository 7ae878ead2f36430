import type { Chart, Mark } from '../api/types'
import { useChartStore } from '../chart/chartStore'
import { newChart } from '../chart/made'
import { CHART_SETTINGS, SERIES_SETTINGS, type Setting } from '../chart/settings'
import type { OpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import type { Command } from './command'
import { placeOf } from './pageCommands'

/** The selected chart with the series that is looked at; null where another thing is selected. */
function selectedChart({ worksheet }: OpenWorksheet): { readonly chart: Chart; readonly series: number } | null {
  const { selection } = useWorksheetStore.getState()
  if (selection.kind !== 'chart') return null
  const block = placeOf(worksheet.sections, selection.id)?.block
  return block?.kind === 'chart' ? { chart: block, series: selection.series } : null
}

/** Puts a mark on a chart, and gives it the keyboard. */
export function addMark(open: OpenWorksheet, chart: Chart, mark: Mark): void {
  useChartStore.setState({ marked: { chart: chart.id, count: chart.marks.length + 1 } })
  void open.keep([{ do: 'changeBlock', block: { ...chart, marks: [...chart.marks, mark] } }]).catch(() => undefined)
}

/** What is done with charts: each setting's choices are commands. */
export function chartCommands(open: OpenWorksheet): readonly Command[] {
  const now = () => (open.at === null ? selectedChart(open) : null)
  const isChart = () => now() !== null
  const show = useWorksheetStore.getState().show

  const commandsOf = (setting: Setting): readonly Command[] => {
    const place = selectedChart(open)
    // The labels of the choices are the same for every chart.
    const labels = setting.choices(place?.chart ?? NO_CHART, place?.series ?? 0).map((choice) => choice.label)
    return labels.map((label, index) => ({
      id: `chart-${setting.id}-${index}`,
      says: `${setting.says}: ${label}`,
      group: 'Charts',
      also: `chart ${setting.also ?? ''}`,
      isPossible: () => {
        const selected = now()
        return selected !== null && (setting.isPossible?.(selected.chart, selected.series) ?? true)
      },
      run: () => {
        const selected = now()
        const choice = selected && setting.choices(selected.chart, selected.series)[index]
        if (choice) void open.keep([{ do: 'changeBlock', block: choice.chosen() }]).catch(() => undefined)
      },
    }))
  }
  const step = (by: number) => () => {
    const { looking, look } = useChartStore.getState()
    const selected = now()
    if (!selected) return
    const own = looking?.chart === selected.chart.id ? looking : null
    look({ chart: selected.chart.id, index: Math.max(0, (own?.index ?? 0) + by), way: own?.way ?? 'alone' })
  }

  return [
    {
      id: 'tabulate',
      says: 'Tabulate …',
      group: 'Charts',
      keys: 'Alt Shift V',
      also: 'table of values function two-way',
      isPossible: () => open.at === null && open.worksheet.sections.length > 0,
      run: () => show({ kind: 'tabulate' }),
    },
    {
      id: 'curve',
      says: 'Draw a curve …',
      group: 'Charts',
      also: 'function plot graph expression parametric',
      isPossible: () => open.at === null && open.worksheet.sections.length > 0,
      run: () => show({ kind: 'curve', chart: null }),
    },
    {
      id: 'curve-into',
      says: 'Add a curve to the chart …',
      group: 'Charts',
      also: 'function expression series',
      isPossible: () => now()?.chart.form === 'PLOT',
      run: () => {
        const selected = now()
        if (selected) show({ kind: 'curve', chart: selected.chart.id })
      },
    },
    {
      id: 'look-earlier',
      says: 'Earlier look of the chart',
      group: 'Charts',
      keys: 'Alt ,',
      also: 'version before',
      isPossible: isChart,
      run: step(1),
    },
    {
      id: 'look-later',
      says: 'Later look of the chart',
      group: 'Charts',
      keys: 'Alt .',
      also: 'version after',
      isPossible: isChart,
      run: step(-1),
    },
    ...TEXTS.map(([id, says, label, also]): Command => ({
      id: `chart-${id}`,
      says,
      group: 'Charts',
      also: `chart ${also}`,
      isPossible: isChart,
      run: () => {
        const open = () => document.querySelector<HTMLElement>(`aside [title="Change ${label}"]`)?.click()
        if (useWorksheetStore.getState().lensOpen) open()
        else {
          useWorksheetStore.setState({ lensOpen: true })
          // The field is in the lens, which is drawn first.
          requestAnimationFrame(open)
        }
      },
    })),
    ...[...CHART_SETTINGS, ...SERIES_SETTINGS].flatMap(commandsOf),
  ]
}

/** Texts of a chart that are changed in the lens. */
const TEXTS = [
  ['title-across', 'Title of the horizontal axis …', 'title of the horizontal axis', 'across x name unit'],
  ['title-up', 'Title of the vertical axis …', 'title of the vertical axis', 'up y name unit'],
  [
    'from-across',
    'Beginning of the horizontal axis …',
    'beginning of the horizontal axis',
    'range least minimum from x',
  ],
  ['to-across', 'End of the horizontal axis …', 'end of the horizontal axis', 'range most maximum to x'],
  ['from-up', 'Beginning of the vertical axis …', 'beginning of the vertical axis', 'range least minimum from y'],
  ['to-up', 'End of the vertical axis …', 'end of the vertical axis', 'range most maximum to y'],
  ['series-name', 'Name of the series …', 'name of the series', 'legend call'],
  ['across', 'Cells across …', 'cells across', 'range x'],
  ['errors', 'Error bars …', 'cells with error bars', 'uncertainty deviation plus minus'],
] as const

const NO_CHART = newChart('', '', null, [])
