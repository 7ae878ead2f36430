import type { Act, Cell } from '../api/types'
import { addressOf, areaText, lettersOf } from '../sheet/address'

type Kind = Extract<Act, { do: 'readAs' }>['kind']

/** What was read of pasted entries, in one line, and what they may be read as instead. */
export interface Reading {
  readonly says: string
  readonly others: readonly { readonly label: string; readonly act: Act }[]
}

const DATE = /^\d{1,2}[./-]\d{1,2}[./-]\d{4}$/
const NUMBER = /^[-−–+]?[0-9][0-9.,'’\s]*$/

/** How many of each kind there are; a kind of text that looks like something else can be read so, column by column. */
export function readingOf(cells: readonly Cell[]): Reading {
  const filled = cells.filter((cell) => cell.entry !== '')
  const count = (one: string, several: string, has: (cell: Cell) => boolean) => {
    const found = filled.filter(has).length
    return found === 0 ? [] : [`${found} ${found === 1 ? one : several}`]
  }
  const kinds = [
    ...count('formula', 'formulas', (cell) => cell.calculated),
    ...count('number', 'numbers', (cell) => !cell.calculated && ['number', 'quantity'].includes(cell.kind)),
    ...count('date', 'dates', (cell) => !cell.calculated && ['date', 'datetime', 'time'].includes(cell.kind)),
    ...count('truth value', 'truth values', (cell) => !cell.calculated && cell.kind === 'truth'),
    ...count('text', 'texts', (cell) => !cell.calculated && cell.kind === 'text'),
  ]
  const texts = filled.filter((cell) => !cell.calculated && cell.kind === 'text')
  return {
    says: `Pasted: ${kinds.length > 1 ? `${kinds.slice(0, -1).join(', ')} and ` : ''}${kinds.at(-1) ?? 'nothing'}.`,
    others: [
      ...instead(texts, DATE, [
        ['DAY_FIRST', 'dates, day first'],
        ['MONTH_FIRST', 'dates, month first'],
      ]),
      ...instead(texts, NUMBER, [['NUMBERS', 'numbers']]),
    ],
  }
}

/** Offers for the first column that has texts of some look. */
function instead(texts: readonly Cell[], look: RegExp, kinds: readonly (readonly [Kind, string])[]): Reading['others'] {
  const first = texts.find((cell) => look.test(cell.entry.trim()))
  if (!first) return []
  const rows = texts.filter((cell) => cell.column === first.column).map((cell) => cell.row)
  const area = areaText({
    first: { column: first.column, row: Math.min(...rows) },
    last: { column: first.column, row: Math.max(...rows) },
  })
  return kinds.map(([kind, says]) => ({
    label: `Read column ${lettersOf(first.column)} as ${says}`,
    act: { do: 'readAs', grid: first.grid, area, kind },
  }))
}

/** The cells of an answer that an entry was typed into. */
export function typedOf(changed: readonly Cell[], grid: string, typed: readonly { readonly cell: string }[]) {
  const addresses = new Set(typed.map(({ cell }) => cell))
  return changed.filter((cell) => cell.grid === grid && addresses.has(addressOf(cell)))
}
