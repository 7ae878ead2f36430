import { expect, test } from 'vitest'
import type { Result } from '../api/types'
import { inFull } from './copies'

function result(
  value: string,
  display: string,
  forms: Record<string, string> = {},
  unit: string | null = null,
): Result {
  return {
    kind: 'number',
    exact: true,
    value,
    unit,
    display,
    dropsDigits: false,
    latex: '',
    latexDropsDigits: false,
    approx: null,
    rows: null,
    forms,
    formsLatex: {},
  }
}

test.each([
  ['a decimal that ends is written out', result('501/200', '2.51', { repeating: '2.505' }), '2.505'],
  ['a fraction whose decimal goes on stays a fraction', result('7/3', '2.33', { repeating: '2.(3)' }), '7/3'],
  ['a nearest double has all its digits', result('1.4142135623730951', '1.414213562'), '1.4142135623730951'],
  ['a quantity keeps its unit', result('5', '5 day', {}, 'day'), '5 day'],
])('%s', (_, value, text) => {
  expect(inFull(value)).toBe(text)
})
