import { expect, test } from 'vitest'
import type { Command } from '../commands/command'
import type { GuideAnswer, Outline } from '../api/types'
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
  settings: { degrees: false, comma: false, grouped: false, dropped: false, complex: false, style: '' },
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
  answers: [],
}

const combinations = {
  kind: 'function',
  name: 'combinations',
  title: 'combinations',
  says: 'The number of ways to choose k things from n.',
  near: false,
} as const
const sorting = { kind: 'command', name: 'sort', title: 'Sort by this column', says: '', near: false } as const
const page = { kind: 'page', name: 'repeat', title: 'Continue a formula', says: '', near: false } as const

const found = (text: string, ...answers: readonly GuideAnswer[]) =>
  findings(text, { ...searched, answers }).map((each) => each.says)

test.each([
  ['', ['Continue down', 'Sort by this column', 'Add a chart']],
  ['sort', ['Sort by this column']],
  ['repeat', ['Continue down']],
  ['PRICE', ['price']],
  ['stall', ['Market stall']],
  ['b7', ['Go to B7']],
  ['B2:$C$9', ['Go to B2:C9']],
  ['no such thing', []],
] as const)('%j finds %j', (text, expected) => {
  expect(found(text)).toEqual(expected)
})

test('what the guide answers is found, the best first, commands with it', () => {
  expect(found('choose things', combinations, sorting)).toEqual(['combinations', 'Sort by this column'])
  expect(found('combinations', page, combinations)[0]).toBe('combinations')
})

test('a command that has the words goes before what the guide answers next', () => {
  expect(found('continue', combinations, page)).toEqual(['Continue down', 'combinations', 'Continue a formula'])
})

test('a command whose title has the words goes before all that the guide answers', () => {
  expect(found('this column', combinations, page)[0]).toBe('Sort by this column')
  expect(found('column', { ...combinations, title: 'column' })[0]).toBe('Sort by this column')
})

test('what is only called alike comes last', () => {
  expect(found('prise', { ...combinations, near: true }, { ...sorting, near: true })).toEqual(['combinations'])
})
