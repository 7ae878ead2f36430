import type { components } from './contract'

/**
 * What goes over the wire, as the contract of the program describes it (docs/openapi.json); `npm run contract` makes it from
 * there. Texts and typeset forms arrive finished; nothing here is calculated with.
 */
type Schemas = components['schemas']

export type Axis = 'ROWS' | 'COLUMNS'

/** What a value is; of an entry that was typed and not sent yet, since the program does not answer, `unkept`. */
export type Kind = Schemas['Result']['kind'] | 'unkept'

export type Fix = Schemas['Fix']
/** How a text of values between separators is read. */
export type Compared = Schemas['Compared']
export type Recognised = Schemas['Recognised']
export type RecognisedColumn = Schemas['RecognisedColumn']
export type ColumnKind = NonNullable<RecognisedColumn['kind']>
export type CalculationError = Schemas['Error']
export type Result = Schemas['Result']
export type Step = Schemas['Step']
export type Hint = Schemas['Hint']
export type Calculation = Schemas['Calculation']
export type Place = Schemas['CellPlace']
export type Grid = Schemas['BlockGrid']
export type Tabulation = Schemas['Tabulation']
export type Note = Schemas['BlockNote']
export type Block = Schemas['Block']
export type Section = Schemas['Section']
export type Name = Schemas['Name']
export type Settings = Schemas['Settings']
export type EchoLine = Schemas['Line']
export type Echo = Schemas['Echo']
export type Listed = Schemas['Listed']
export type WorksheetPicture = Schemas['Picture']
export type ChartSketch = Schemas['Sketch']
export type Reference = Schemas['Reference']
export type Completion = Schemas['Completion']
export type OpenCall = Schemas['Call']
export type Preview = Schemas['Preview']
export type Draft = Pick<Schemas['Draft'], 'grid' | 'address' | 'entry'> & Partial<Schemas['Draft']>
export type Edit = Schemas['Edit']
export type Act = Schemas['Act']
export type Variable = Schemas['ActVariable']
export type TapeLine = Schemas['TapeKept']
export type Past = Schemas['Past']
export type Difference = Schemas['Difference']
export type Found = Schemas['Found']
export type Example = Schemas['Example']
export type FunctionEntry = Schemas['Function']
export type GuideAnswer = Schemas['GuideEntry']
export type GuidePage = Schemas['GuidePage']
export type UnitEntry = Schemas['Unit']
export type Rate = Schemas['Rate']
export type ConstantEntry = Schemas['Constant']
export type Kept = Omit<Schemas['Kept'], 'changed'> & { readonly changed: readonly Cell[] }
export type Worksheet = Schemas['Worksheet']
export type CellDetail = Schemas['Detail']
export type Cell = Omit<Schemas['Cell'], 'kind'> & { readonly kind: Kind }
export type Chart = Schemas['Chart']
export type AxisLook = Schemas['ChartAxisLook']
export type SeriesLook = Schemas['ChartLook']
export type Source = Schemas['ChartSource']
export type ChartSeries = Schemas['ChartSeries']
export type Mark = Schemas['ChartMark']
export type Tick = Schemas['ScaleTick']
export type ChartScale = Schemas['Scale']
export type ChartAxis = Schemas['ChartDataAxis']
export type ChartPoint = Schemas['ChartDataPoint']
export type DrawnFit = Schemas['ChartDataFit']
export type DrawnSeries = Schemas['ChartDataSeries']
export type DataPlace = Schemas['Place']
export type DrawnMark = Schemas['ChartDataMark']
export type TwoWay = Schemas['ChartDataTwoWay']
export type Box = Schemas['Boxes']
export type ChartData = Schemas['ChartData']
export type EarlierLook = Schemas['Look']
export type Frame = Schemas['RunThroughFrame']
export type Run = Schemas['Run']

export type Form = Chart['form']
export type Legend = Chart['legend']
export type Shape = ChartSeries['shape']
export type FitModel = ChartSeries['fit']
export type Dash = SeriesLook['dash']
export type Marker = SeriesLook['marker']

/** What every change of a worksheet changes. */
export type KeptState = Pick<Worksheet, 'revision' | 'keptAt' | 'canUndo' | 'canRedo'>

/** What stands in a worksheet, without its cells. */
export type Outline = Omit<Worksheet, keyof KeptState>

/** The part of the axes that is seen. */
export interface ChartWindow {
  readonly from: number
  readonly to: number
  readonly low: number
  readonly high: number
}
