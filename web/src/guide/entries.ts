import type { ConstantEntry, FunctionEntry, GuideAnswer, GuidePage, UnitEntry } from '../api/types'

/** Something the guide has a page on. */
export type GuideEntry = {
  readonly id: string
  readonly title: string
  readonly says: string
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

const ofPage = (page: GuidePage): GuideEntry => ({
  id: `page ${page.name}`,
  title: page.title,
  says: page.says,
  kind: 'page',
  page,
})

const ofFunction = (entry: FunctionEntry): GuideEntry => ({
  id: entry.name,
  title: entry.name,
  says: entry.says,
  kind: 'function',
  entry,
})

const ofUnit = (entry: UnitEntry): GuideEntry => ({
  id: `unit ${entry.symbol}`,
  title: entry.symbol,
  says: `${entry.name}, ${entry.measures}`,
  kind: 'unit',
  entry,
})

const ofConstant = (entry: ConstantEntry): GuideEntry => ({
  id: `constant ${entry.name}`,
  title: entry.name,
  says: entry.says,
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
  pages: readonly GuidePage[],
  functions: readonly FunctionEntry[],
  units: readonly UnitEntry[],
  constants: readonly ConstantEntry[],
): readonly GuideGroup[] {
  return [
    { title: 'What you can do', entries: pages.map(ofPage) },
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

/** The id in the guide of what answers a question; a command has no page of its own. */
export const idOf = ({ kind, name }: GuideAnswer): string => (kind === 'function' ? name : `${kind} ${name}`)
