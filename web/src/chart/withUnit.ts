/** A text with the unit of its axis behind it, unless it carries one itself. */
export const withUnit = (text: string, unit: string): string =>
  unit === '' || text === '' || text.endsWith(unit) ? text : `${text} ${unit}`
