import { expect, it } from 'vitest'
import type { Result } from '../api/types'
import { isNumber, shownSign, typesetSign } from './whole'

const result = (part: Partial<Result>): Result => ({
  kind: 'number',
  exact: true,
  value: '2/3',
  unit: null,
  display: '0.6666666667',
  dropsDigits: true,
  latex: '\\frac{2}{3}',
  latexDropsDigits: false,
  approx: null,
  exactForm: null,
  rows: null,
  forms: {},
  formsLatex: {},
  ...part,
})

it.each([
  ['a fraction that is typeset whole', {}, '≈ ', ''],
  ['a whole number', { value: '2', display: '2', latex: '2', dropsDigits: false }, '= ', ''],
  ['many digits', { value: '20000000001/10000000000', display: '2', latex: '2', latexDropsDigits: true }, '≈ ', '≈ '],
  ['the nearest number to a root', { exact: false, value: '1.4142135623730951', latexDropsDigits: true }, '≈ ', '≈ '],
  ['the nearest number with all digits', { exact: false, value: '0.5', dropsDigits: false }, '≈ ', '≈ '],
] as const)('%s is equal only where it is shown whole', (_, part, shown, typeset) => {
  expect(shownSign(result(part))).toBe(shown)
  expect(typesetSign(result(part))).toBe(typeset)
})

it.each([
  ['number', true],
  ['quantity', true],
  ['date', false],
  ['text', false],
  ['table', false],
] as const)('a %s is a number: %s', (kind, expected) => {
  expect(isNumber(result({ kind }))).toBe(expected)
})
