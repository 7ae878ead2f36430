import { describe, expect, it } from 'vitest'
import type { Cell } from '../api/types'
import { freeBelow, moreDigits, writtenIn } from './algebraCommands'

const cell = (kind: Cell['kind'], display: string, name: string | null = null): Cell => ({
  grid: 'g',
  address: 'B4',
  column: 1,
  row: 3,
  entry: display,
  calculated: true,
  kind,
  display,
  latex: null,
  full: null,
  unit: null,
  exact: true,
  name,
  from: null,
  remark: null,
  error: null,
})

describe('what a cell with letters is in formulas', () => {
  it.each([
    ['function', 'f(x) = x^2', null, { text: 'f(x)', letters: ['x'], called: 'f', isFormula: false }],
    ['function', 'g(x, y) = x*y', null, { text: 'g(x, y)', letters: ['x', 'y'], called: 'g', isFormula: false }],
    ['function', 'p(t, n: 2) = t^n', null, { text: 'p(t, n)', letters: ['t', 'n'], called: 'p', isFormula: false }],
    ['function', 'seven() = 7', null, null],
    ['expression', '3*x^2 - 2', null, { text: 'B4', letters: ['x'], called: null, isFormula: false }],
    ['expression', 'sin(t)*e^t', 'swing', { text: 'swing', letters: ['t'], called: null, isFormula: false }],
    ['expression', 'a*x + π', null, { text: 'B4', letters: ['x', 'a'], called: null, isFormula: false }],
    ['number', '3', null, null],
    ['text', 'A1', null, null],
    [
      'number',
      '=A1*price+sum(C1:C4)+B$2',
      null,
      { text: 'B4', letters: ['A1', 'price', 'B$2'], called: null, isFormula: true },
    ],
    [
      'quantity',
      'total = "D9" & price/Other!A1',
      'total',
      { text: 'total', letters: ['price'], called: null, isFormula: true },
    ],
  ] as const)('%s %s', (kind, display, name, written) => {
    expect(writtenIn(cell(kind, display, name), ['price'])).toEqual(written)
  })

  it('is nothing where the cell is not loaded', () => {
    expect(writtenIn(undefined)).toBeNull()
  })
})

describe('more digits', () => {
  const number = (given: Partial<Cell>) => ({
    ...cell('number', '1.41', null),
    calculated: true,
    dropsDigits: true,
    ...given,
  })

  it.each([
    ['an exact number is spoken of by its cell', { exact: true }, '=digits(B4, 50)'],
    ['and by its name, where it has one', { exact: true, name: 'side' }, '=digits(side, 50)'],
    ['a nearest double is worked out again', { exact: false, entry: '=ln(A1)' }, '=digits(ln(A1), 50)'],
    ['in a cell with a name too', { exact: false, entry: 'k = ln(2)' }, '=digits(ln(2), 50)'],
    ['what is shown whole has no more', { exact: true, full: '1.41' }, null],
    ['nor has what was typed', { exact: true, calculated: false }, null],
  ] as const)('%s', (_, given, formula) => {
    expect(moreDigits(number(given))).toBe(formula)
  })
})

describe('the cell that is written to', () => {
  it('is the next one below with room for solutions', () => {
    const taken = new Set(['A1', 'A2', 'A5'])
    expect(freeBelow({ column: 0, row: 0 }, (address) => !taken.has(address))).toEqual({ column: 0, row: 5 })
  })

  it('is right below where all is empty', () => {
    expect(freeBelow({ column: 2, row: 6 }, () => true)).toEqual({ column: 2, row: 7 })
  })
})
