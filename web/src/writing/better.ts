import type { Preview } from '../api/types'

/** The sum that can stand behind an `=` which nothing follows yet. */
export const sumOf = ({ completions }: Preview) => completions.find(({ kind }) => kind === 'sum')

/** The entry as its error or its hint offers it, or with the sum of the numbers beside it. */
export function betterEntry(preview: Preview): string | undefined {
  const { error, hints } = preview.calculation
  const sum = sumOf(preview)
  if (sum) return `=${sum.word}`
  return error ? error.fixes[0]?.replacement : hints[0]?.replacement
}
