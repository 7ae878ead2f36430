import type { Recognised } from '../api/types'

/** What stands between values, as people call it. */
export const SEPARATORS: readonly { readonly label: string; readonly value: Recognised['separator'] }[] = [
  { label: 'comma', value: 'COMMA' },
  { label: 'semicolon', value: 'SEMICOLON' },
  { label: 'tab', value: 'TAB' },
  { label: 'bar', value: 'BAR' },
]

export const ENCODINGS: readonly { readonly label: string; readonly value: Recognised['encoding'] }[] = [
  { label: 'UTF-8', value: 'UTF_8' },
  { label: 'UTF-16, low byte first', value: 'UTF_16LE' },
  { label: 'UTF-16, high byte first', value: 'UTF_16BE' },
  { label: 'Windows-1252', value: 'WINDOWS_1252' },
]

/** What stands around texts that hold a separator. */
export const QUOTES: readonly { readonly label: string; readonly value: Recognised['quote'] }[] = [
  { label: '" "', value: 'QUOTATION_MARK' },
  { label: "' '", value: 'APOSTROPHE' },
  { label: 'nothing', value: 'NONE' },
]
