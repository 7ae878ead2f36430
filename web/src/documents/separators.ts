import type { Recognised } from '../api/types'

/** What stands between values, as people call it. */
export const SEPARATORS: readonly { readonly label: string; readonly value: Recognised['separator'] }[] = [
  { label: 'comma', value: 'COMMA' },
  { label: 'semicolon', value: 'SEMICOLON' },
  { label: 'tab', value: 'TAB' },
  { label: 'bar', value: 'BAR' },
]
