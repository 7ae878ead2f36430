import { expect, test } from 'vitest'
import { contentsOf, search } from './entries'

const combinations = {
  name: 'combinations',
  category: 'Counting',
  says: 'The number of ways to choose k things from n when their order does not matter.',
  synonyms: ['choose'],
  openFormula: 'COMBIN',
  arguments: [{ name: 'n', takes: 'whole number', says: 'how many things there are', fallback: null, repeated: false }],
  examples: [],
  errors: [],
  related: [],
  source: '',
}
const metre = {
  symbol: 'm',
  others: [],
  name: 'metre',
  plural: 'metres',
  group: 'Length',
  factor: '1',
  exact: true,
  offset: '0',
  dimension: 'm',
  measures: 'length',
  ucum: 'm',
  prefixes: ['si'],
  sample: false,
  source: 'SI brochure',
}

const groups = contentsOf(
  [combinations, { ...combinations, name: 'mod', says: 'The remainder.', synonyms: [] }],
  [metre],
  [],
)
const titles = (text: string) => search(groups, text).map((entry) => entry.title)

test('functions and units stand in groups by what they are for', () => {
  expect(groups.map((group) => group.title)).toEqual([
    'What you can do',
    'Functions: counting',
    'Units: length',
    'Constants',
  ])
})

test.each([
  ['choose', 'combinations'],
  ['COMBIN', 'combinations'],
  ['things order', 'combinations'],
  ['m', 'm'], // the unit itself comes before words that begin with it
  ['metres', 'm'],
  ['tape', 'Try a calculation'],
])('%j finds %s first', (text, title) => {
  expect(titles(text)[0]).toBe(title)
})

test('words that nothing has find nothing', () => {
  expect(titles('choose zebra')).toEqual([])
})
