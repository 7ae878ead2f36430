import { expect, test } from 'vitest'
import { asHtml, asText, rowsOfHtml, rowsOfText } from './pasted'

test.each([
  ['one cell', '5', [['5']]],
  [
    'tabs and line breaks of any kind',
    'a\tb\r\nc\td\n',
    [
      ['a', 'b'],
      ['c', 'd'],
    ],
  ],
  ['empty cells stay', 'a\t\tb', [['a', '', 'b']]],
  [
    'a quoted cell may hold a line break',
    'a\t"two\nlines"\nb\tc',
    [
      ['a', 'two\nlines'],
      ['b', 'c'],
    ],
  ],
  ['doubled quotes are one', '"say ""yes"""', [['say "yes"']]],
  ['a text that begins with a quote is left as it is', '"5" means five\tb', [['"5" means five', 'b']]],
  ['a text in quotes keeps them: they are part of the entry', '"2027-03-01"\tb', [['"2027-03-01"', 'b']]],
] as const)('%s', (_, text, rows) => {
  expect(rowsOfText(text)).toEqual(rows)
})

test('what is copied is pasted as it was', () => {
  const rows = [
    ['=A1*2', 'two\nlines', ''],
    ['5 < 6 & "x"', 'ü', '7/3'],
  ]
  expect(rowsOfText(asText(rows))).toEqual(rows)
  expect(rowsOfHtml(asHtml(rows))).toEqual(rows.map((row) => row.map((cell) => cell.replace('\n', ' '))))
})

test('cells over several columns leave the others free, and no table is none', () => {
  expect(rowsOfHtml('<table><tr><td colspan="2">Lot</td><td>5</td></tr></table>')).toEqual([['Lot', '', '5']])
  expect(rowsOfHtml('<p>Lot</p>')).toBeNull()
})
