import {
  chartFormValues,
  chartLegendValues,
  chartLookDashValues,
  chartLookMarkerValues,
  chartSeriesFitValues,
  chartSeriesShapeValues,
} from '../api/contract'
import type { Chart, ChartSeries, Dash, FitModel, Form, Legend, Marker, SeriesLook, Shape } from '../api/types'
import { apart, tableOf } from './made'

/** One thing that can be chosen of a chart. */
export interface Choice {
  /** As on its button. */
  readonly label: string
  readonly isOn: boolean
  readonly chosen: () => Chart
}

/** A setting: the lens shows its choices as buttons, the finder as commands. One declaration serves both. */
export interface Setting {
  readonly id: string
  readonly says: string
  /** Other words that people look for it with. */
  readonly also?: string
  /** Whether it makes a difference for a chart and one of its series. */
  readonly isPossible?: (chart: Chart, series: number) => boolean
  /** The choices for a chart and one of its series. */
  readonly choices: (chart: Chart, series: number) => readonly Choice[]
}

const shapes = {
  line: new Set<Shape | undefined>(['LINE', 'STEPS', 'POINTS_AND_LINE']),
  markers: new Set<Shape | undefined>(['POINTS', 'POINTS_AND_LINE']),
}
/** Whether a chart is of a two-way table, which is one range. */
export const isTable = (form: Form) => form === 'SURFACE' || form === 'CONTOURS' || form === 'FIELDS'
const isPlot = (chart: Chart) => chart.form === 'PLOT'
const drawsLine = (chart: Chart, series: number) => isPlot(chart) && shapes.line.has(chart.series[series]?.shape)
const drawsMarkers = (chart: Chart, series: number) => isPlot(chart) && shapes.markers.has(chart.series[series]?.shape)
const hasAxes = (chart: Chart) => chart.form === 'PLOT' || chart.form === 'HISTOGRAM' || chart.form === 'BOXES'

/** The chart with another form; a two-way table is one range, and goes apart into columns again. */
export function withForm(chart: Chart, form: Form): Chart {
  const first = chart.series[0]
  if (!first || isTable(form) === isTable(chart.form)) return { ...chart, form }
  if (!isTable(form)) {
    return first.source.of === 'cells' ? { ...chart, form, ...apart(chart, first.source.area) } : { ...chart, form }
  }
  const table = tableOf(chart)
  return table === ''
    ? { ...chart, form }
    : { ...chart, form, across: null, series: [{ ...first, source: { of: 'cells', area: table, grid: null } }] }
}

const withShape = (chart: Chart, shape: Shape, series: number): Chart =>
  isTable(chart.form) ? withForm(chart, 'PLOT') : withSeries({ ...chart, form: 'PLOT' }, series, { shape })

/** The chart with a part of one series changed. */
export const withSeries = (chart: Chart, series: number, part: Partial<ChartSeries>): Chart => ({
  ...chart,
  series: chart.series.map((each, at) => (at === series ? { ...each, ...part } : each)),
})

/** The chart without one series: its tangents go with it. */
export const withoutSeries = (chart: Chart, series: number): Chart => ({
  ...chart,
  series: chart.series.toSpliced(series, 1),
  marks: chart.marks.filter((mark) => mark.kind !== 'tangent' || mark.series !== chart.series[series]?.id),
})

const withLook = (chart: Chart, series: number, part: Partial<SeriesLook>): Chart => {
  const now = chart.series[series]
  return now ? withSeries(chart, series, { look: { ...now.look, ...part } }) : chart
}

/** Choices by the words that the program has for them. */
const worded = <T extends string>(values: readonly T[]): readonly (readonly [T, string])[] =>
  values.map((value) => [value, value.toLowerCase().replaceAll('_', ' ')])

const SHAPES = worded<Shape>(chartSeriesShapeValues)

const FORMS = worded<Form>(chartFormValues.filter((form) => form !== 'PLOT')).map(
  ([form, label]) => [form, form === 'FIELDS' ? 'coloured table' : label] as const,
)

const FITS = worded<FitModel>(chartSeriesFitValues)

const LEGENDS = worded<Legend>(chartLegendValues)

const HEADINGS: readonly (readonly [number | null, string])[] = [
  [null, 'as the cells say'],
  [0, 'none'],
  [1, 'first line'],
  [2, 'first two'],
]

const DASHES = worded<Dash>(chartLookDashValues)

const MARKERS = worded<Marker>(chartLookMarkerValues)

const WIDTHS: readonly (readonly [number, string])[] = [
  [0, 'usual'],
  [1, 'fine'],
  [4, 'thick'],
]

const SIZES: readonly (readonly [number, string])[] = [
  [0, 'usual'],
  [5, 'small'],
  [14, 'large'],
]

/** The series colours by name; the page's tokens give them. */
export const COLOURS = ['clay', 'teal', 'ochre', 'violet', 'blue', 'rose', 'green', 'grey'] as const

const yesOrNo = (isOn: boolean, change: (on: boolean) => Chart): readonly Choice[] => [
  { label: 'yes', isOn, chosen: () => change(true) },
  { label: 'no', isOn: !isOn, chosen: () => change(false) },
]

/** How the whole chart is shown. */
export const CHART_SETTINGS: readonly Setting[] = [
  {
    id: 'shown-as',
    says: 'Shown as',
    also: 'kind chart graph plot scatter bar column pie histogram box surface contour heat spread',
    choices: (chart, series) => [
      ...SHAPES.map(([shape, label]) => ({
        label,
        isOn: isPlot(chart) && chart.series[series]?.shape === shape,
        chosen: () => withShape(chart, shape, series),
      })),
      ...FORMS.map(([form, label]) => ({
        label,
        isOn: chart.form === form,
        chosen: () => withForm(chart, form),
      })),
    ],
  },
  {
    id: 'steps-across',
    says: 'Steps across',
    also: 'logarithmic scale even axis horizontal x',
    isPossible: isPlot,
    choices: (chart) => steps(chart, 'acrossAxis'),
  },
  {
    id: 'steps-up',
    says: 'Steps up',
    also: 'logarithmic scale even axis vertical y',
    isPossible: hasAxes,
    choices: (chart) => steps(chart, 'upAxis'),
  },
  {
    id: 'swapped',
    says: 'Swap across and up',
    also: 'axes turn horizontal bars lie',
    isPossible: isPlot,
    choices: (chart) => yesOrNo(chart.swapped, (swapped) => ({ ...chart, swapped })),
  },
  {
    id: 'stacked',
    says: 'Bars on each other',
    also: 'stack stacked group grouped',
    isPossible: (chart) => isPlot(chart) && chart.series.some((series) => series.shape === 'BARS'),
    choices: (chart) => yesOrNo(chart.stacked, (stacked) => ({ ...chart, stacked })),
  },
  {
    id: 'headings',
    says: 'Names above values',
    also: 'headings header first row line names of series',
    isPossible: (chart) => !isTable(chart.form) && chart.series.some((series) => series.source.of === 'cells'),
    choices: (chart) =>
      HEADINGS.map(([headings, label]) => ({
        label,
        isOn: chart.headings === headings,
        chosen: () => ({ ...chart, headings }),
      })),
  },
  {
    id: 'lines-behind',
    says: 'Lines behind',
    also: 'grid lines background',
    isPossible: (chart) => hasAxes(chart) || chart.form === 'CONTOURS',
    choices: (chart) => yesOrNo(chart.lines, (lines) => ({ ...chart, lines })),
  },
  {
    id: 'legend',
    says: 'Legend',
    also: 'key names of series',
    isPossible: (chart) => !isTable(chart.form),
    choices: (chart) =>
      LEGENDS.map(([legend, label]) => ({
        label,
        isOn: chart.legend === legend,
        chosen: () => ({ ...chart, legend }),
      })),
  },
]

function steps(chart: Chart, axis: 'acrossAxis' | 'upAxis'): readonly Choice[] {
  const to = (logarithmic: boolean) => () => ({ ...chart, [axis]: { ...chart[axis], logarithmic } })
  return [
    { label: 'even', isOn: !chart[axis].logarithmic, chosen: to(false) },
    { label: 'logarithmic', isOn: chart[axis].logarithmic, chosen: to(true) },
  ]
}

/** How one series looks. */
export const SERIES_SETTINGS: readonly Setting[] = [
  {
    id: 'fit',
    says: 'Fit',
    also: 'trend regression curve through points least squares',
    isPossible: isPlot,
    choices: (chart, series) =>
      FITS.map(([fit, label]) => ({
        label,
        isOn: chart.series[series]?.fit === fit,
        chosen: () => withSeries(chart, series, { fit }),
      })),
  },
  {
    id: 'measured',
    says: 'Measured on',
    also: 'second vertical axis right left secondary',
    isPossible: isPlot,
    choices: (chart, series) =>
      [false, true].map((onRight) => ({
        label: onRight ? 'the right' : 'the left',
        isOn: chart.series[series]?.onRight === onRight,
        chosen: () => withSeries(chart, series, { onRight }),
      })),
  },
  {
    id: 'colour',
    says: 'Colour',
    also: 'color',
    isPossible: hasAxes,
    choices: (chart, series) => [
      {
        label: 'usual',
        isOn: chart.series[series]?.look.colour === '',
        chosen: () => withLook(chart, series, { colour: '' }),
      },
      ...COLOURS.map((label) => ({
        label,
        isOn: chart.series[series]?.look.colour === label,
        chosen: () => withLook(chart, series, { colour: label }),
      })),
    ],
  },
  look('line', 'Line', 'dash dashed dotted style', DASHES, 'dash', drawsLine),
  look('width', 'Line width', 'thick thin', WIDTHS, 'width', drawsLine),
  look('marker', 'Marker', 'point symbol shape circle square', MARKERS, 'marker', drawsMarkers),
  look('size', 'Marker size', 'point symbol large small', SIZES, 'size', drawsMarkers),
  {
    id: 'filled',
    says: 'Markers filled',
    also: 'hollow empty point symbol filling',
    isPossible: drawsMarkers,
    choices: (chart, series) =>
      yesOrNo(!chart.series[series]?.look.hollow, (filled) => withLook(chart, series, { hollow: !filled })),
  },
  {
    id: 'labels',
    says: 'Values beside points',
    also: 'labels data',
    isPossible: (chart) => isPlot(chart) || chart.form === 'FIELDS',
    choices: (chart, series) =>
      yesOrNo(chart.series[series]?.look.labels ?? false, (labels) => withLook(chart, series, { labels })),
  },
]

/** A part of a series' look with a few values. */
function look<K extends 'dash' | 'width' | 'marker' | 'size'>(
  id: string,
  says: string,
  also: string,
  values: readonly (readonly [SeriesLook[K], string])[],
  part: K,
  isPossible: Setting['isPossible'] & {},
): Setting {
  return {
    id,
    says,
    also,
    isPossible,
    choices: (chart, series) =>
      values.map(([value, label]) => ({
        label,
        isOn: chart.series[series]?.look[part] === value,
        chosen: () => withLook(chart, series, { [part]: value }),
      })),
  }
}
