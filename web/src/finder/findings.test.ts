import { expect, test } from 'vitest'
import type { Command } from '../commands/command'
import type { Outline } from '../api/types'
import { findings, type Searched } from './findings'

const command = (id: string, says: string, also = '', isPossible = true): Command => ({
  id,
  says,
  also,
  group: 'Cells',
  isPossible: () => isPossible,
  run: () => undefined,
})

const worksheet: Outline = {
  id: 'w',
  title: 'Stall',
  names: [
    {
      name: 'price',
      display: '4.40',
      grid: 'g',
      area: 'B2',
      kind: 'number',
      exact: true,
      calculated: false,
      used: true,
      dropsDigits: false,
    },
  ],
  sections: [{ id: 's', title: 'Market stall', folded: false, isPart: false, blocks: [] }],
  settings: { degrees: false, comma: false, grouped: false, style: '' },
}

const searched: Searched = {
  commands: [
    command('continue', 'Continue down', 'fill repeat'),
    command('chart', 'Add a chart', '', false),
    command('sort', 'Sort by this column'),
  ],
  worksheet,
  grids: [],
  own: 'g',
  worksheets: [],
  functions: [
    {
      name: 'combinations',
      category: 'Counting',
      says: 'The number of ways to choose k things from n.',
      synonyms: ['choose'],
      openFormula: 'COMBIN',
      arguments: [],
      examples: [],
      errors: [],
      related: [],
      source: '',
    },
  ],
}

const found = (text: string) => findings(text, searched).map((each) => each.says)

test.each([
  ['', ['Continue down', 'Sort by this column', 'Add a chart']],
  ['sort', ['Sort by this column']],
  ['repeat', ['Continue down']],
  ['PRICE', ['price']],
  ['choose', ['combinations']],
  ['stall', ['Market stall']],
  ['b7', ['Go to B7']],
  ['B2:$C$9', ['Go to B2:C9']],
  ['no such thing', []],
] as const)('%j finds %j', (text, expected) => {
  expect(found(text)).toEqual(expected)
})
