import type { Result } from '../api/types'

/** What is copied of a value, so that it is the same where it is put into a cell: typed, `3 + 4i` and `π` are texts. */
export function copied(result: Result): string {
  const full = inFull(result)
  return result.kind === 'complex' || /^-?π$/.test(full) ? `=${full}` : full
}

/** A complex number as it stands on the tape. */
const COMPLEX = /^\(?[-\d.,√π/+* ]*\d[-\d.,√π/+* ]*i\)?(?: \S+)?$/

/** A value of the tape as it is typed into a cell, where a complex number would be a text. */
export const asEntry = (value: string) => (COMPLEX.test(value) ? `=${value}` : value)

/** The whole value as text that can be typed again: a decimal where one says it all, else the fraction. */
export function inFull(result: Result): string {
  const decimal = result.forms['repeating']
  const number = decimal !== undefined && !decimal.includes('(') ? decimal : (result.value ?? result.display)
  if (result.unit === null) return number
  return result.kind === 'complex' ? `(${number}) ${result.unit}` : `${number} ${result.unit}`
}
