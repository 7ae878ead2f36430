import { expect, test } from 'vitest'
import type { Result } from '../api/types'
import { asEntry, copied, inFull } from './copies'

function result(
  value: string,
  display: string,
  forms: Record<string, string> = {},
  unit: string | null = null,
  kind: Result['kind'] = 'number',
): Result {
  return {
    kind,
    exact: true,
    value,
    unit,
    display,
    dropsDigits: false,
    latex: '',
    latexDropsDigits: false,
    approx: null,
    exactForm: null,
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

test.each([
  ['a root reads back as it is', result('2√3', '3.464101615'), '2√3'],
  ['π alone would be a text', result('π', '3.141592654'), '=π'],
  ['a multiple of π is none', result('3π/4', '2.35619449'), '3π/4'],
  ['a complex number would be a text', result('3 + 4i', '3 + 4i', {}, null, 'complex'), '=3 + 4i'],
  ['its unit stands behind brackets', result('3 + 4i', '(3 + 4i) Ω', {}, 'Ω', 'complex'), '=(3 + 4i) Ω'],
])('what is copied is the same where it is put: %s', (_, value, text) => {
  expect(copied(value)).toBe(text)
})

test.each([
  ['3 + 4i', '=3 + 4i'],
  ['11/5 - 2/5*i', '=11/5 - 2/5*i'],
  ['(1 + √3*i) Ω', '=(1 + √3*i) Ω'],
  ['2√3', '2√3'],
  ['7/2', '7/2'],
  ['Chai', 'Chai'],
  ['i', 'i'],
  ['2 kg', '2 kg'],
])('%s of the tape is typed as %s', (value, entry) => {
  expect(asEntry(value)).toBe(entry)
})
