import type { Block, Cell, Chart, Edit, Grid, Outline } from '../api/types'
import { newChart, newSeries } from '../chart/made'
import { addressOf, type At } from '../sheet/address'
import { freshId } from '../sheet/freshId'
import type { OpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { addBlock } from './addBlock'
import type { Command } from './command'
import { freeTitle, placeOf } from './pageCommands'
import { goTo, selectedCells } from './selected'
import type { ReadCell } from './useReadCell'

/** What a cell with letters is in formulas: `f(x)` of a function, its name or address else, and its letters. */
export interface Written {
  readonly text: string
  /** Not empty; the first is the one that is meant where none is chosen. */
  readonly letters: readonly string[]
  /** The function it calls; null for an expression. */
  readonly called: string | null
  /** Whether it is a formula with a value, whose letters are the cells that it refers to. */
  readonly isFormula: boolean
}

/** What is worked with: by one letter of those that there are. */
interface Chosen extends Written {
  readonly letter: string
}

const DEFINITION = /^(\p{L}[\p{L}\p{M}\d_]*)\(([^=]*)\)\s*=/u
const WORD = /\p{L}[\p{L}\p{M}\d_]*/gu
const REFERENCE = /(?<![\p{L}\p{M}\d_:!."'])\$?\p{L}[\p{L}\p{M}\d_]*(?:\$\d+)?(?![\p{L}\p{M}\d_(:!"'])/gu
const ADDRESS = /^\$?[A-Za-z]{1,3}\$?[1-9]\d*$/
const CONSTANTS: ReadonlySet<string> = new Set(['e', 'π', 'pi', 'inf'])

/** How many empty cells must lie below the first one that is written to: solutions stand one below the other. */
const ROOM = 4

const DIGITS = 50

/** Nothing where the cell holds no expression with a letter, no function of one argument or more, and no formula. */
export function writtenIn(cell: Cell | undefined, names: readonly string[] = []): Written | null {
  if (cell === undefined) return null
  const written = (text: string, letters: readonly string[], called: string | null, isFormula = false) =>
    letters.length > 0 ? { text, letters: [...new Set(letters)], called, isFormula } : null
  const text = cell.name ?? cell.address
  if (cell.kind === 'function') {
    const found = DEFINITION.exec(cell.display)
    const letters = (found?.[2] ?? '')
      .split(/[,;]/)
      .map((each) => each.split(':')[0]?.trim() ?? '')
      .filter((each) => each !== '')
    const name = found?.[1]
    return name === undefined ? null : written(`${name}(${letters.join(', ')})`, letters, name)
  }
  if (cell.kind === 'expression') {
    const letters = [...cell.display.matchAll(WORD)]
      .filter((found) => cell.display[found.index + found[0].length] !== '(')
      .map((found) => found[0])
      .filter((word) => !CONSTANTS.has(word))
    return written(text, letters.includes('x') ? ['x', ...letters] : letters, null)
  }
  const isNumber = cell.kind === 'number' || cell.kind === 'quantity'
  return isNumber && cell.calculated && cell.from === null
    ? written(text, referencesIn(cell.entry, names), null, true)
    : null
}

/** Cells that a formula refers to one by one, by name or address. */
function referencesIn(entry: string, names: readonly string[]): readonly string[] {
  const known = new Set(names.map((name) => name.toLowerCase()))
  return [
    ...entry
      .replace(/^[^=]*=/, '')
      .replace(/"[^"]*"/g, '')
      .matchAll(REFERENCE),
  ]
    .map((found) => found[0])
    .filter((word) => ADDRESS.test(word) || known.has(word.toLowerCase()))
}

/** The formulas that the acts write, by their ids. */
const FORMULAS: readonly {
  readonly id: string
  readonly says: string
  readonly also: string
  readonly formula: (of: Chosen) => string
  /** Whether it says something of a formula with a value too. */
  readonly ofFormulas?: true
}[] = [
  {
    id: 'differentiate',
    says: 'Differentiate',
    also: 'derivative slope rate of change',
    formula: ({ text, letter }) => `=derivative(${text}, ${letter})`,
    ofFormulas: true,
  },
  {
    id: 'integrate',
    says: 'Integrate',
    also: 'antiderivative area under a curve integral',
    formula: ({ text, letter }) => `=integral(${text}, ${letter})`,
    ofFormulas: true,
  },
  {
    id: 'solve-for',
    says: 'Solve for where it is 0',
    also: 'equation roots zeros',
    formula: ({ text, letter }) => `=solve(${text} = 0, ${letter})`,
    ofFormulas: true,
  },
  { id: 'simplify', says: 'Simplify', also: 'shorter', formula: ({ text }) => `=simplify(${text})` },
  { id: 'expand', says: 'Expand', also: 'multiply out', formula: ({ text }) => `=expand(${text})` },
  { id: 'factor', says: 'Factor', also: 'product', formula: ({ text }) => `=factor(${text})` },
  {
    id: 'put-numbers-in',
    says: 'Put a number in',
    also: 'substitute evaluate at a place',
    formula: ({ text, letter }) => `=with(${text}, ${letter}: 1)`,
    ofFormulas: true,
  },
]

/** The formula with more digits of a number than a double holds; nothing where it is shown whole, or is no formula. */
export function moreDigits(cell: Cell | undefined): string | null {
  if (cell === undefined || cell.kind !== 'number' || !cell.calculated || cell.full === cell.display) return null
  // A number that is only near another one has no more digits: those of its formula are worked out.
  return cell.exact
    ? `=digits(${cell.name ?? cell.address}, ${DIGITS})`
    : `=digits(${cell.entry.replace(/^[^=]*=\s*/, '')}, ${DIGITS})`
}

/** The ids of all commands on letters, in the order of the lens. */
export const ALGEBRA_COMMANDS: readonly string[] = [
  ...FORMULAS.map(({ id }) => id),
  'more-digits',
  'tabulate-letters',
  'draw-letters',
]

/** The names of single cells: a letter may stand for each. */
export const namesOfCells = (names: Outline['names']): readonly string[] =>
  names.filter(({ area }) => !area.includes(':')).map(({ name }) => name)

/** The nearest cell below with room for a few solutions. */
export function freeBelow(at: At, isEmpty: (address: string) => boolean): At {
  for (let row = at.row + 1; ; row++) {
    const rows = Array.from({ length: ROOM }, (_, index) => row + index)
    if (rows.every((each) => isEmpty(addressOf({ column: at.column, row: each })))) return { column: at.column, row }
  }
}

/** What is done with a cell that holds an expression or a function. */
export function algebraCommands(open: OpenWorksheet, read: ReadCell): readonly Command[] {
  const { grids, keep, act, worksheet } = open
  const now = () => {
    const selected = open.at === null ? selectedCells(grids) : null
    const cell = selected ? read(selected.grid.id, addressOf(selected.focus)) : undefined
    const found = writtenIn(cell, namesOfCells(worksheet.names))
    const wanted = useWorksheetStore.getState().letter
    if (!selected || !found) return null
    const letter = found.letters.find((each) => each === wanted) ?? found.letters[0] ?? ''
    return { grid: selected.grid, focus: selected.focus, written: { ...found, letter } }
  }
  const isPossible = () => now()?.written.isFormula === false
  const isPossibleOfFormulas = () => now() !== null
  const write = (formula: (of: Chosen) => string) => {
    const place = now()
    if (place) writeBelow(place, formula(place.written))
  }
  const number = () => {
    const selected = open.at === null ? selectedCells(grids) : null
    const formula = selected && moreDigits(read(selected.grid.id, addressOf(selected.focus)))
    return selected && formula ? { grid: selected.grid, focus: selected.focus, formula } : null
  }
  const writeBelow = (place: { grid: Grid; focus: At }, text: string) => {
    const at = freeBelow(place.focus, (address) => (read(place.grid.id, address)?.kind ?? 'empty') === 'empty')
    const edit: Edit = {
      do: 'enter',
      grid: place.grid.id,
      cells: [{ cell: addressOf(at), text }],
    }
    keep([edit]).then(
      () => goTo(place.grid.id, { first: at, last: at }),
      () => undefined,
    )
  }
  const draw = () => {
    const place = now()
    if (!place) return
    const { text, letter } = place.written
    const series = newSeries({ of: 'curve', expression: text, variable: letter, from: '-5', to: '5' }, 'LINE')
    const section = placeOf(worksheet.sections, place.grid.id)?.section ?? worksheet.sections.at(-1)
    if (!section) return
    const beside = section.blocks.find((block): block is Chart => isOfCurves(block, letter))
    if (beside) {
      const block: Chart = { ...beside, series: [...beside.series, series], legend: 'ABOVE' }
      void keep([{ do: 'changeBlock', block }]).catch(() => undefined)
      return
    }
    const block = newChart(text, place.grid.id, null, [series])
    void addBlock(keep, section.id, block, section.blocks.length)
  }
  const tabulate = () => {
    const place = now()
    if (!place) return
    const { text, letter, called } = place.written
    const section = placeOf(worksheet.sections, place.grid.id)?.section ?? worksheet.sections.at(-1)
    if (!section) return
    const over = called === null ? 't' : letter
    void act({
      do: 'tabulate',
      section: section.id,
      id: freshId('grid'),
      title: freeTitle(grids, `Values of ${text}`),
      grid: place.grid.id,
      expression: called === null ? `with(${text}, ${letter}: ${over})` : text,
      first: { name: over, from: '0', to: '10', step: '1', count: null, cells: null },
      second: null,
    }).catch(() => undefined)
  }
  return [
    ...FORMULAS.map(({ id, says, also, formula, ofFormulas }): Command => ({
      id,
      says,
      group: 'Cells',
      also: `${also} expression function algebra`,
      isPossible: ofFormulas ? isPossibleOfFormulas : isPossible,
      run: () => write(formula),
    })),
    {
      id: 'more-digits',
      says: 'More digits',
      group: 'Cells',
      also: 'precision decimals significant of a root pi e',
      isPossible: () => number() !== null,
      run: () => {
        const place = number()
        if (place) writeBelow(place, place.formula)
      },
    },
    {
      id: 'tabulate-letters',
      says: 'Tabulate the expression',
      group: 'Cells',
      also: 'values of a function table',
      isPossible,
      run: tabulate,
    },
    {
      id: 'draw-letters',
      says: 'Draw the expression',
      group: 'Cells',
      also: 'curve plot graph of a function',
      isPossible,
      run: draw,
    },
  ]
}

/** A chart whose curves have this letter, so that another one can be compared with them. */
function isOfCurves(block: Block, letter: string): block is Chart {
  return (
    block.kind === 'chart' &&
    block.series.length > 0 &&
    block.series.every(({ source }) => source.of === 'curve' && source.variable === letter)
  )
}
