/** Charts: what people set of them, and what the server works out to be drawn. */

export type Form = 'PLOT' | 'SHARES' | 'HISTOGRAM' | 'BOXES' | 'SURFACE' | 'CONTOURS' | 'FIELDS'
export type Shape = 'POINTS' | 'LINE' | 'POINTS_AND_LINE' | 'STEPS' | 'BARS'
export type Legend = 'NONE' | 'ABOVE' | 'BESIDE' | 'BELOW'
export type Dash = 'USUAL' | 'WHOLE' | 'DASHED' | 'DOTTED' | 'DASH_AND_DOT'
export type Marker = 'USUAL' | 'CIRCLE' | 'SQUARE' | 'DIAMOND' | 'TRIANGLE' | 'CROSS'
export type FitModel =
  | 'NONE'
  | 'LINE'
  | 'QUADRATIC'
  | 'CUBIC'
  | 'QUARTIC'
  | 'EXPONENTIAL'
  | 'SETTLING'
  | 'POWER'
  | 'LOGARITHMIC'
  | 'LOGISTIC'

export interface AxisLook {
  readonly title: string
  readonly least: string
  readonly most: string
  readonly logarithmic: boolean
}

/** Empty texts, 0 and USUAL stand for what the place among the series gives. */
export interface SeriesLook {
  readonly colour: string
  readonly dash: Dash
  readonly width: number
  readonly marker: Marker
  readonly size: number
  readonly hollow: boolean
  readonly labels: boolean
}

export type Source =
  /** Cells of the chart's grid, or of another by its id. */
  | { readonly of: 'cells'; readonly area: string; readonly grid: string | null }
  /** Cells that were deleted. */
  | { readonly of: 'deleted'; readonly was: string }
  | {
      readonly of: 'curve'
      readonly expression: string
      readonly variable: string
      readonly from: string
      readonly to: string
    }
  | {
      readonly of: 'path'
      readonly across: string
      readonly up: string
      readonly parameter: string
      readonly from: string
      readonly to: string
    }

export interface ChartSeries {
  /** By which marks know it, whatever its place. */
  readonly id: string
  readonly source: Source
  readonly name: string
  readonly shape: Shape
  readonly onRight: boolean
  readonly errors: string | null
  /** Whether the cells of the error bars were deleted. */
  readonly errorsDeleted: boolean
  readonly look: SeriesLook
  readonly fit: FitModel
}

/** What people put on a chart; it belongs to places in the data. */
export type Mark =
  | { readonly kind: 'label' | 'formula'; readonly across: number; readonly up: number; readonly text: string }
  | {
      readonly kind: 'arrow'
      readonly across: number
      readonly up: number
      readonly fromAcross: number
      readonly fromUp: number
      readonly text: string
    }
  | { readonly kind: 'tangent'; readonly series: string; readonly across: number }

export interface Chart {
  readonly kind: 'chart'
  readonly id: string
  readonly title: string
  readonly form: Form
  readonly grid: string
  readonly across: string | null
  readonly series: readonly ChartSeries[]
  readonly acrossAxis: AxisLook
  readonly upAxis: AxisLook
  readonly rightAxis: AxisLook
  readonly legend: Legend
  readonly lines: boolean
  readonly swapped: boolean
  readonly stacked: boolean
  readonly marks: readonly Mark[]
  readonly beside: boolean
  /** How many of the first lines of its ranges are headings; null where the cells decide. */
  readonly headings: number | null
  /** Whether what went across was deleted. */
  readonly acrossDeleted: boolean
}

/** A place with its text. */
export interface Tick {
  readonly at: number
  readonly label: string
}

export interface ChartScale {
  readonly least: number
  readonly most: number
  readonly ticks: readonly Tick[]
  readonly logarithmic: boolean
}

export interface ChartAxis {
  readonly title: string
  readonly unit: string
  /** Whether it has things along it that have no size, the first at 1. */
  readonly places: boolean
  readonly scale: ChartScale
}

export interface ChartPoint {
  readonly across: number
  readonly up: number | null
  readonly acrossText: string
  readonly upText: string
  /** Half the length of its error bar. */
  readonly error: { readonly half: number; readonly text: string } | null
  readonly cell: string | null
}

export interface DrawnFit {
  readonly model: FitModel
  readonly text: string
  readonly latex: string
  /** Whether the coefficients have more digits than the equation says. */
  readonly rounded: boolean
  readonly units: string
  readonly coefficients: readonly { readonly name: string; readonly value: string }[]
  readonly rSquared: string
  readonly curve: readonly ChartPoint[]
  readonly residuals: readonly ChartPoint[]
}

export interface DrawnSeries {
  readonly name: string
  readonly source: string
  readonly shape: Shape
  readonly onRight: boolean
  readonly look: SeriesLook
  readonly points: readonly ChartPoint[]
  readonly count: number
  readonly share: readonly string[]
  readonly fit: DrawnFit | null
}

export interface DataPlace {
  readonly across: number
  readonly up: number
}

export interface DrawnMark {
  readonly kind: 'label' | 'arrow' | 'formula' | 'tangent'
  readonly at: DataPlace
  readonly to: DataPlace | null
  readonly text: string
  readonly latex: string
  readonly onRight: boolean
}

export interface TwoWay {
  readonly across: readonly Tick[]
  readonly up: readonly Tick[]
  /** The cell of the first value. */
  readonly first: string
  readonly values: readonly (readonly (number | null)[])[]
  readonly texts: readonly (readonly string[])[]
  readonly height: ChartAxis
  readonly contours: readonly {
    readonly level: number
    readonly label: string
    readonly places: readonly DataPlace[]
  }[]
}

export interface Box {
  readonly least: Tick
  readonly lower: Tick
  readonly median: Tick
  readonly upper: Tick
  readonly most: Tick
  readonly farOut: readonly Tick[]
}

export interface ChartData {
  readonly title: string
  readonly form: Form
  readonly across: ChartAxis
  readonly up: ChartAxis
  readonly right: ChartAxis | null
  readonly series: readonly DrawnSeries[]
  /** How many of the first lines of its ranges are headings. */
  readonly headings: number
  readonly bins: { readonly edges: readonly Tick[]; readonly counts: readonly (readonly number[])[] } | null
  readonly boxes: readonly Box[]
  readonly table: TwoWay | null
  readonly marks: readonly DrawnMark[]
  readonly faults: readonly string[]
  readonly summary: string
}

/** The part of the axes that is seen. */
export interface ChartWindow {
  readonly from: number
  readonly to: number
  readonly low: number
  readonly high: number
}

/** A look that a chart has had since a revision. */
export interface EarlierLook {
  readonly revision: number
  readonly at: string
  readonly reason: string
  readonly data: ChartData
}

/** The chart while an input has a value. */
export interface Frame {
  readonly value: string
  readonly data: ChartData
}

/** What runs, and through which values. */
export interface Run {
  readonly input: string
  readonly from: string
  readonly to: string
  readonly count: number
}
