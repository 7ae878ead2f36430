import type { Result } from '../api/types'

/** The whole value as text that can be typed again: a decimal where one says it all, else the fraction. */
export function inFull(result: Result): string {
  const decimal = result.forms['repeating']
  const number = decimal !== undefined && !decimal.includes('(') ? decimal : (result.value ?? result.display)
  return result.unit === null ? number : `${number} ${result.unit}`
}
