import type { ChartAxis, Tick } from '../api/types'

/** A text with the unit of its axis behind it, unless it carries one itself. */
export const withUnit = (text: string, unit: string): string =>
  unit === '' || text === '' || text.endsWith(unit) ? text : `${text} ${unit}`

/** A heading of a two-way table behind the name of its axis: `water 70 °C`. */
export function headed({ title, unit }: ChartAxis, head: Tick | undefined): string {
  const end = `in ${unit}`
  const name = unit !== '' && title.endsWith(end) ? title.slice(0, -end.length).trim() : title
  return `${name} ${withUnit(head?.label ?? '', unit)}`.trim()
}
