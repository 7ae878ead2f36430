import type { Result } from '../api/types'

const NUMBERS: ReadonlySet<string> = new Set(['number', 'quantity', 'complex'])

/** Real numbers and complex ones, with a unit or without. */
export const isNumber = ({ kind }: { readonly kind: string }) => NUMBERS.has(kind)

/** A number as it is shown, its minus signs as wide as a plus. */
export const withMinusSigns = (number: string) => number.replace(/^-|(?<= )-(?= )|(?<=∠ )-/g, '−')

/** Expressions with letters in them, and functions of one's own. */
export const isLetters = ({ kind }: Result) => kind === 'expression' || kind === 'function'

/** What is set as mathematics: numbers, and what has letters. */
export const isMathematics = (result: Result) => isNumber(result) || isLetters(result)

/** The sign before a value as it is shown: only where that is all of it, it is equal. */
export const shownSign = ({ exact, dropsDigits }: Result) => (exact && !dropsDigits ? '= ' : '≈ ')

/** What stands before a value as it is typeset, where a fraction may be one; nothing where that is all of it. */
export const typesetSign = ({ exact, latexDropsDigits }: Result) => (exact && !latexDropsDigits ? '' : '≈ ')
