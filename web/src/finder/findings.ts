import type { Grid, GuideAnswer, Listed, Outline } from '../api/types'
import { idOf } from '../guide/entries'
import type { Command } from '../commands/command'

/** Something that the finder can do or go to. */
export type Finding = {
  readonly key: string
  readonly says: string
  readonly aside: string
  readonly keys: string
} & (
  | { readonly kind: 'command'; readonly command: Command; readonly isPossible: boolean }
  | { readonly kind: 'cells'; readonly grid: string; readonly area: string }
  | { readonly kind: 'block'; readonly id: string }
  | { readonly kind: 'guide'; readonly entry: string }
  | { readonly kind: 'worksheet'; readonly id: string }
)

export interface Searched {
  readonly commands: readonly Command[]
  readonly worksheet: Outline
  readonly grids: readonly Grid[]
  /** The grid that a bare address means. */
  readonly own: string
  readonly worksheets: readonly Listed[]
  /** What the guide answers to the text, the best first. */
  readonly answers: readonly GuideAnswer[]
}

const MOST = 60

/** Answers of the guide come behind all whose own title has the words, and before what has them elsewhere. */
const FIRST_ANSWER = 2.9
const NEXT_ANSWER = 0.1
const EXACT_ANSWER = 3.3

const ADDRESS = /^\$?[A-Za-z]{1,3}\$?[1-9]\d{0,6}(:\$?[A-Za-z]{1,3}\$?[1-9]\d{0,6})?$/

/** How well a text has all the words looked for: 0 not at all, more where it begins with them. */
function rank(words: readonly string[], says: string, also = ''): number {
  const text = says.toLowerCase()
  const rest = `${text} ${also.toLowerCase()}`
  if (!words.every((word) => rest.includes(word))) return 0
  const first = words[0] ?? ''
  if (text === words.join(' ')) return 5
  if (text.startsWith(first)) return 4
  return text.split(/\s+/).some((each) => each.startsWith(first)) ? 3 : text.includes(first) ? 2 : 1
}

/** What fits the text, the best first; with no text, every command. */
export function findings(text: string, searched: Searched): readonly Finding[] {
  const words = text.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const ranked: { readonly rank: number; readonly finding: Finding }[] = []
  const offer = (score: number, finding: Finding) => {
    if (score > 0) ranked.push({ rank: score, finding })
  }
  const { commands, worksheet, grids, own, worksheets, answers } = searched
  const answered = (kind: GuideAnswer['kind'], name: string): number => {
    const at = answers.findIndex((each) => each.kind === kind && each.name === name)
    return at < 0 || answers[at]?.near ? 0 : Math.max(FIRST_ANSWER - NEXT_ANSWER * at, NEXT_ANSWER)
  }

  if (ADDRESS.test(text.trim())) {
    const area = text.trim().toUpperCase().replaceAll('$', '')
    const title = grids.find((grid) => grid.id === own)?.title ?? ''
    offer(9, { key: 'address', kind: 'cells', says: `Go to ${area}`, aside: title, keys: '', grid: own, area })
  }
  for (const command of commands) {
    if (command.id === 'redo-too' || command.id === 'finder') continue
    const isPossible = command.isPossible?.() ?? true
    const said = words.length === 0 ? 1 : rank(words, command.says, command.also)
    offer(Math.max(said === 0 ? 0 : said + (isPossible ? 0.5 : 0), answered('command', command.id)), {
      key: `command ${command.id}`,
      kind: 'command',
      says: command.says.replace(/ …$/, ''),
      aside: isPossible ? command.group : 'not now',
      keys: command.keys ?? '',
      command,
      isPossible,
    })
  }
  if (words.length > 0) {
    for (const name of worksheet.names) {
      offer(rank(words, name.name), {
        key: `name ${name.name}`,
        kind: 'cells',
        says: name.name,
        aside: `name · ${name.display}`,
        keys: '',
        grid: name.grid,
        area: name.area,
      })
    }
    for (const grid of grids) {
      offer(rank(words, grid.title), {
        key: `grid ${grid.id}`,
        kind: 'cells',
        says: grid.title,
        aside: 'grid',
        keys: '',
        grid: grid.id,
        area: 'A1',
      })
    }
    for (const section of worksheet.sections) {
      offer(rank(words, section.title), {
        key: `section ${section.id}`,
        kind: 'block',
        says: section.title,
        aside: 'section',
        keys: '',
        id: section.id,
      })
    }
    for (const answer of answers) {
      if (answer.kind === 'command') continue
      const isTitle = answer.title.toLowerCase() === words.join(' ')
      offer(isTitle ? EXACT_ANSWER : answered(answer.kind, answer.name) || NEXT_ANSWER, {
        key: `${answer.kind} ${answer.name}`,
        kind: 'guide',
        says: answer.title,
        aside: answer.kind === 'page' ? 'guide' : answer.says,
        keys: '',
        entry: idOf(answer),
      })
    }
    for (const other of worksheets) {
      offer(rank(words, other.title), {
        key: `worksheet ${other.id}`,
        kind: 'worksheet',
        says: other.title,
        aside: 'worksheet',
        keys: '',
        id: other.id,
      })
    }
  }
  return ranked
    .map((each, index) => ({ ...each, index }))
    .sort((a, b) => b.rank - a.rank || a.index - b.index)
    .slice(0, MOST)
    .map(({ finding }) => finding)
}
