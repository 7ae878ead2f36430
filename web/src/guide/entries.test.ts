import { expect, test } from 'vitest'
import { contentsOf, idOf } from './entries'

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

const page = {
  name: 'calculate',
  title: 'Try a calculation',
  says: 'Write it.',
  text: 'Write it. Then more.',
  examples: [],
}

const groups = contentsOf(
  [page],
  [combinations, { ...combinations, name: 'mod', says: 'The remainder.', synonyms: [] }],
  [metre],
  [],
)
test('functions and units stand in groups by what they are for', () => {
  expect(groups.map((group) => group.title)).toEqual([
    'What you can do',
    'Functions: counting',
    'Units: length',
    'Constants',
  ])
})

test.each([
  ['function', 'combinations', 'combinations'],
  ['unit', 'm', 'unit m'],
  ['page', 'calculate', 'page calculate'],
] as const)('an answer that is a %s opens it', (kind, name, id) => {
  const answer = { kind, name, title: '', says: '', near: false }
  expect(idOf(answer)).toBe(id)
  expect(groups.flatMap((group) => group.entries).map((entry) => entry.id)).toContain(id)
})
