import { describe, expect, it } from 'vitest'
import { asked, isTable, NOTHING_CHOSEN, parted } from './reading'

describe('what was chosen of how a table is read', () => {
  it('is asked with the name of the file, and only what was chosen', () => {
    expect(asked(NOTHING_CHOSEN, 'lots.csv')).toEqual({ name: 'lots.csv' })
    expect(asked({ ...NOTHING_CHOSEN, headings: false, kinds: { B: 'TEXT', AA: 'POINT' }, plain: ['C'] }, '')).toEqual({
      name: '',
      headings: false,
      kinds: ['B:TEXT', 'AA:POINT'],
      plain: ['C'],
    })
  })

  it('is forgotten of columns where they are parted anew, and kept besides', () => {
    const chosen = { headings: true, encoding: 'UTF_8', kinds: { B: 'TEXT' }, plain: ['C'] } as const
    expect(parted(chosen, { separator: 'TAB' })).toEqual({
      headings: true,
      encoding: 'UTF_8',
      separator: 'TAB',
      kinds: {},
      plain: [],
    })
  })
})

it.each([
  ['lots.csv', 'text/csv', true],
  ['lots.TSV', '', true],
  ['lots', 'text/plain', true],
  ['kettle.json', '', false],
  ['kettle', 'application/json', false],
  ['kettle.JSON', 'text/plain', false],
  ['lots.csv', 'application/vnd.of-some-program', true],
  ['plan.xlsx', '', false],
  ['plan.ODS', '', false],
  ['plan', 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', false],
  ['plan', 'application/vnd.oasis.opendocument.spreadsheet', false],
])('%s of the kind "%s" is a table: %s', (name, type, is) => {
  expect(isTable(new File([], name, { type }))).toBe(is)
})
