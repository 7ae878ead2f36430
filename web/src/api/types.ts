import type { Chart } from './chartTypes'

export type * from './chartTypes'

/** What the server says. Texts and typeset forms arrive finished; nothing here is calculated with. */

export type Kind =
  | 'number'
  | 'quantity'
  | 'date'
  | 'time'
  | 'datetime'
  | 'duration'
  | 'text'
  | 'truth'
  | 'empty'
  | 'missing'
  | 'table'
  | 'error'
  /** Typed, and not sent yet, since the program does not answer. */
  | 'unkept'

export interface Fix {
  readonly label: string
  readonly replacement: string
}

export interface CalculationError {
  readonly code: string
  readonly message: string
  readonly start: number | null
  readonly end: number | null
  readonly cause: string | null
  readonly fixes: readonly Fix[]
}

export interface Result {
  readonly kind: Kind
  readonly exact: boolean
  readonly value: string | null
  readonly unit: string | null
  readonly display: string
  /** Whether what is shown says less than the value. */
  readonly dropsDigits: boolean
  readonly latex: string
  readonly latexDropsDigits: boolean
  readonly forms: Readonly<Record<string, string>>
  readonly formsLatex: Readonly<Record<string, string>>
}

export interface Step {
  readonly before: string
  readonly rule: string
  readonly label: string
  readonly note: string
  readonly value: string
  readonly after: string
  readonly latex: string
}

export interface Hint {
  readonly code: string
  readonly message: string
  readonly replacement: string
}

export interface Calculation {
  readonly result: Result
  readonly latex: string
  readonly steps: readonly Step[]
  readonly hints: readonly Hint[]
  readonly error: CalculationError | null
}

/** Column and row from 0. */
export interface Cell {
  readonly grid: string
  readonly address: string
  readonly column: number
  readonly row: number
  readonly entry: string
  readonly calculated: boolean
  readonly kind: Kind
  readonly display: string
  /** All digits of a number, as other programs read it; null where nothing is shown of a number. */
  readonly full: string | null
  /** The symbol at the end of what is shown. */
  readonly unit: string | null
  readonly exact: boolean
  readonly name: string | null
  /** The cell whose formula has laid its table out over this one. */
  readonly from: string | null
  readonly remark: string | null
  readonly error: CalculationError | null
}

export interface Place {
  readonly grid: string
  readonly gridTitle: string
  readonly area: string
  readonly called: string
  readonly display: string
}

export interface CellDetail {
  readonly cell: Cell
  readonly gridTitle: string
  readonly calculation: Calculation
  readonly otherUnits: readonly { readonly unit: string; readonly display: string }[]
  readonly fedBy: readonly Place[]
  readonly feeds: readonly Place[]
  readonly feedsInAll: number
  /** Of a cell that waits for others: these, down to the one that failed by itself. */
  readonly causes: readonly { readonly place: Place; readonly message: string }[]
}

export interface Grid {
  readonly kind: 'grid'
  readonly id: string
  readonly title: string
  readonly rows: number
  readonly columns: number
  readonly headings: number
  readonly widths: Readonly<Record<string, number>>
  readonly styles: Readonly<Record<string, string>>
  readonly remarks: Readonly<Record<string, string>>
  readonly hiddenRows: readonly number[]
  readonly hiddenColumns: readonly number[]
  readonly beside: boolean
  readonly tabulation: Tabulation | null
}

/** What a grid tabulates. */
export interface Tabulation {
  readonly grid: string
  readonly expression: string
  readonly first: string
  readonly second: string | null
  readonly written: string
}

export interface Note {
  readonly kind: 'note'
  readonly id: string
  readonly text: string
  readonly beside: boolean
}

export type Block = Grid | Chart | Note

export interface Section {
  readonly id: string
  readonly title: string
  readonly folded: boolean
  /** Whether it is a subsection of the section above it. */
  readonly isPart: boolean
  readonly blocks: readonly Block[]
}

export interface Name {
  readonly name: string
  readonly grid: string
  readonly area: string
  readonly kind: Kind
  readonly display: string
  readonly exact: boolean
  readonly dropsDigits: boolean
  readonly calculated: boolean
  readonly used: boolean
}

/** What every change of a worksheet changes. */
export interface KeptState {
  readonly revision: number
  readonly keptAt: string
  readonly canUndo: boolean
  readonly canRedo: boolean
}

/** What stands in a worksheet, without its cells. */
export interface Outline {
  readonly id: string
  readonly title: string
  readonly sections: readonly Section[]
  readonly names: readonly Name[]
  readonly settings: Settings
}

export interface Worksheet extends Outline, KeptState {}

export interface Settings {
  readonly degrees: boolean
  readonly comma: boolean
  readonly grouped: boolean
  readonly style: string
}

export interface EchoLine {
  readonly grid: string
  readonly gridTitle: string
  readonly address: string
  readonly called: string
  readonly before: string
  readonly after: string
  /** Whether it had a value and has none now. */
  readonly failed: boolean
}

export interface Echo {
  readonly message: string
  readonly results: readonly EchoLine[]
}

export interface Kept {
  readonly revision: number
  readonly keptAt: string
  readonly canUndo: boolean
  readonly canRedo: boolean
  readonly changed: readonly Cell[]
  readonly echo: Echo
  /** Whether the change had been made before, when it was sent the first time. */
  readonly again: boolean
}

export interface Listed {
  readonly id: string
  readonly title: string
  readonly example: boolean
  readonly changedAt: string
  /** Null where none has been made yet. */
  readonly picture: WorksheetPicture | null
  /** Whether it has changed since its picture was made. */
  readonly isBehind: boolean
}

/** A worksheet made small. */
export interface WorksheetPicture {
  readonly heading: string
  readonly gridTitle: string
  readonly rows: readonly (readonly {
    readonly text: string
    readonly calculated: boolean
    readonly number: boolean
  }[])[]
  readonly sketch: ChartSketch | null
}

/** A chart without axes, in a square whose sides go from 0 to 1, upward and to the right. */
export interface ChartSketch {
  readonly traces: readonly {
    readonly series: number
    readonly kind: 'LINE' | 'POINTS' | 'BARS' | 'SHARES'
    readonly places: readonly { readonly x: number; readonly y: number }[]
  }[]
  readonly fields: readonly (readonly (number | null)[])[]
}

export interface Reference {
  readonly start: number
  readonly end: number
  readonly colour: number
  readonly grid: string
  readonly area: string
}

export interface Completion {
  readonly word: string
  readonly kind: string
  readonly says: string
  readonly start: number
  readonly end: number
}

export interface OpenCall {
  readonly function: string
  readonly says: string
  readonly parameters: readonly {
    readonly name: string
    readonly takes: string
    readonly says: string
    readonly required: boolean
    readonly repeated: boolean
  }[]
  readonly argument: number
}

export interface Preview {
  /** As it would be typed into a cell. */
  readonly entry: string
  readonly kind: 'empty' | 'value' | 'calculation'
  readonly calculation: Calculation
  /** The same with its open brackets closed, where only they are missing. */
  readonly soFar: Calculation | null
  readonly references: readonly Reference[]
  readonly units: readonly { readonly start: number; readonly end: number }[]
  readonly completions: readonly Completion[]
  readonly call: OpenCall | null
  readonly looksLikeCalculation: boolean
}

export type Edit =
  | {
      readonly do: 'enter'
      readonly grid: string
      readonly cells: readonly { readonly cell: string; readonly text: string }[]
    }
  | {
      readonly do: 'define'
      readonly name: string
      readonly target: { readonly grid: string; readonly area: string } | null
    }
  | { readonly do: 'retitle'; readonly title: string }
  | { readonly do: 'addSection'; readonly section: Section; readonly at: number }
  | {
      readonly do: 'changeSection'
      readonly section: string
      readonly title: string
      readonly folded: boolean
      readonly isPart: boolean
    }
  | { readonly do: 'removeSection'; readonly section: string }
  | { readonly do: 'addBlock'; readonly section: string; readonly block: Block; readonly at: number }
  | { readonly do: 'removeBlock'; readonly block: string }
  | { readonly do: 'changeBlock'; readonly block: Block }
  | { readonly do: 'moveSection'; readonly section: string; readonly at: number }
  | { readonly do: 'moveBlock'; readonly block: string; readonly section: string; readonly at: number }
  | { readonly do: 'changeSettings'; readonly settings: Settings }
  | {
      readonly do: 'insertLines' | 'deleteLines'
      readonly grid: string
      readonly axis: Axis
      readonly at: number
      readonly count: number
    }
  | {
      readonly do: 'moveLines'
      readonly grid: string
      readonly axis: Axis
      readonly at: number
      readonly count: number
      readonly to: number
    }
  | {
      readonly do: 'moveCells'
      readonly grid: string
      readonly area: string
      readonly toGrid: string
      readonly to: string
    }
  | {
      readonly do: 'copyCells'
      readonly grid: string
      readonly area: string
      readonly toGrid: string
      readonly into: string
    }
  | { readonly do: 'rename'; readonly name: string; readonly to: string }

export type Axis = 'ROWS' | 'COLUMNS'

/** What the program works out into edits itself. */
export type Act =
  | { readonly do: 'continue'; readonly grid: string; readonly area: string; readonly into: string }
  | { readonly do: 'goOn'; readonly grid: string; readonly area: string; readonly axis: Axis }
  | { readonly do: 'clear'; readonly grid: string; readonly area: string }
  | {
      readonly do: 'series'
      readonly grid: string
      readonly at: string
      readonly axis: Axis
      readonly first: string
      readonly step: string
      readonly last?: string
      readonly count?: number
    }
  | { readonly do: 'fillTable'; readonly grid: string; readonly area: string }
  | {
      readonly do: 'sort'
      readonly grid: string
      readonly area: string
      readonly by: number
      readonly descending: boolean
    }
  | {
      readonly do: 'replace'
      readonly grid?: string
      readonly find: string
      readonly with: string
      readonly matchCase: boolean
    }
  | { readonly do: 'nameByLabels'; readonly grid: string; readonly area: string }
  | {
      readonly do: 'tabulate'
      readonly section: string
      readonly id: string
      readonly title: string
      readonly grid: string
      readonly expression: string
      readonly first: Variable
      readonly second?: Variable
    }
  | { readonly do: 'tabulateAnew'; readonly grid: string; readonly expression: string }
  | { readonly do: 'putFit'; readonly chart: string; readonly series: number; readonly id: string }

/** What is tabulated over: from and to with a step or a count, or the cells that hold the values. */
export interface Variable {
  readonly name: string
  readonly from: string
  readonly to: string
  readonly step?: string
  readonly count?: number
  readonly cells?: string
}

/** A kept line of the tape: what was written, what it was worth as shown, and in full. */
export interface TapeLine {
  readonly line: number
  readonly entry: string
  readonly display: string
  readonly exact: boolean
  readonly value: string
}

/** A change in the history. */
export interface Past {
  readonly revision: number
  readonly at: string
  readonly kind: 'start' | 'edit' | 'undo' | 'redo'
  readonly says: string
}

/** A cell that was another at an earlier revision. */
export interface Difference {
  readonly grid: string
  readonly gridTitle: string
  readonly address: string
  readonly called: string
  readonly before: string
  readonly after: string
}

/** A cell in which a text was found. */
export interface Found {
  readonly grid: string
  readonly gridTitle: string
  readonly address: string
  readonly entry: string
  readonly display: string
}

export interface Example {
  readonly expression: string
  readonly value: string
}

export interface FunctionEntry {
  readonly name: string
  readonly category: string
  readonly says: string
  readonly synonyms: readonly string[]
  readonly openFormula: string | null
  readonly arguments: readonly {
    readonly name: string
    readonly takes: string
    readonly says: string
    readonly fallback: string | null
    readonly repeated: boolean
  }[]
  readonly examples: readonly Example[]
  readonly errors: readonly Example[]
  readonly related: readonly string[]
  readonly source: string
}

export interface UnitEntry {
  readonly symbol: string
  readonly others: readonly string[]
  readonly name: string
  readonly plural: string
  readonly group: string
  readonly factor: string
  readonly exact: boolean
  readonly measures: string
  readonly ucum: string | null
  readonly prefixes: readonly string[]
  readonly sample: boolean
  readonly source: string
}

/** How many euros one of a currency is worth, as a decimal. */
export interface Rate {
  readonly code: string
  readonly name: string
  readonly plural: string
  readonly euros: string
  /** Whether it is the made-up rate that ships with the program. */
  readonly sample: boolean
}

export interface ConstantEntry {
  readonly name: string
  readonly says: string
  readonly value: Result
  readonly source: string
}
