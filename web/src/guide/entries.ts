import type { ConstantEntry, FunctionEntry, UnitEntry } from '../api/types'
import { GUIDE_PAGES, type GuidePage } from './pages'

/** Something the guide has a page on. */
export type GuideEntry = {
  readonly id: string
  readonly title: string
  readonly says: string
  /** All words that it can be found by. */
  readonly words: string
} & (
  | { readonly kind: 'page'; readonly page: GuidePage }
  | { readonly kind: 'function'; readonly entry: FunctionEntry }
  | { readonly kind: 'unit'; readonly entry: UnitEntry }
  | { readonly kind: 'constant'; readonly entry: ConstantEntry }
)

export interface GuideGroup {
  readonly title: string
  readonly entries: readonly GuideEntry[]
}

const firstSentence = (text: string): string => text.replace(/[*`]/g, '').split(/(?<=[.:])\s/)[0] ?? ''

const ofPage = (page: GuidePage): GuideEntry => ({
  id: `page ${page.id}`,
  title: page.title,
  says: firstSentence(page.text),
  words: `${page.title} ${page.text}`,
  kind: 'page',
  page,
})

const ofFunction = (entry: FunctionEntry): GuideEntry => ({
  id: entry.name,
  title: entry.name,
  says: entry.says,
  words: [
    entry.name,
    entry.says,
    entry.category,
    entry.openFormula ?? '',
    ...entry.synonyms,
    ...entry.arguments.map((argument) => `${argument.name} ${argument.says}`),
  ].join(' '),
  kind: 'function',
  entry,
})

const ofUnit = (entry: UnitEntry): GuideEntry => ({
  id: `unit ${entry.symbol}`,
  title: entry.symbol,
  says: `${entry.name}, ${entry.measures}`,
  words: [entry.symbol, entry.name, entry.plural, entry.group, entry.measures, ...entry.others].join(' '),
  kind: 'unit',
  entry,
})

const ofConstant = (entry: ConstantEntry): GuideEntry => ({
  id: `constant ${entry.name}`,
  title: entry.name,
  says: entry.says,
  words: `${entry.name} ${entry.says} constant`,
  kind: 'constant',
  entry,
})

function grouped<T>(
  entries: readonly T[],
  titleOf: (entry: T) => string,
): readonly (readonly [string, readonly T[]])[] {
  const groups = new Map<string, T[]>()
  for (const entry of entries) {
    const group = groups.get(titleOf(entry)) ?? []
    groups.set(titleOf(entry), group)
    group.push(entry)
  }
  return [...groups]
}

/** All that the guide holds, by group. */
export function contentsOf(
  functions: readonly FunctionEntry[],
  units: readonly UnitEntry[],
  constants: readonly ConstantEntry[],
): readonly GuideGroup[] {
  return [
    { title: 'What you can do', entries: GUIDE_PAGES.map(ofPage) },
    ...grouped(functions, (entry) => entry.category).map(([title, entries]) => ({
      title: `Functions: ${title.toLowerCase()}`,
      entries: entries.map(ofFunction),
    })),
    ...grouped(units, (entry) => entry.group).map(([title, entries]) => ({
      title: `Units: ${title.toLowerCase()}`,
      entries: entries.map(ofUnit),
    })),
    { title: 'Constants', entries: constants.map(ofConstant) },
  ]
}

const MOST = 40

/** The entries that have every word, those first whose title begins with them. */
export function search(groups: readonly GuideGroup[], text: string): readonly GuideEntry[] {
  const words = text.trim().toLowerCase().split(/\s+/)
  const first = words[0] ?? ''
  const score = (entry: GuideEntry): number => {
    const all = entry.words.toLowerCase()
    if (!words.every((word) => all.includes(word))) return 0
    const title = entry.title.toLowerCase()
    if (entry.title === text.trim()) return 6
    if (title === first || (entry.kind === 'function' && entry.entry.synonyms.includes(text.trim()))) return 5
    if (title.startsWith(first)) return 4
    if (title.includes(first)) return 3
    return entry.says.toLowerCase().includes(first) ? 2 : 1
  }
  return groups
    .flatMap((group) => group.entries)
    .map((entry) => ({ entry, score: score(entry) }))
    .filter((each) => each.score > 0)
    .sort((a, b) => b.score - a.score)
    .slice(0, MOST)
    .map((each) => each.entry)
}
