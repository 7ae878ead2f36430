/** The parts of a shown number that are set otherwise than in a row. */
export interface NumberParts {
  /** What stands before: a sign, whole ones, or all of it. */
  readonly plain: string
  readonly fraction: { readonly above: string; readonly below: string } | null
  /** The digits that repeat without end. */
  readonly repeating: string
  /** The power of ten that it is multiplied by. */
  readonly exponent: string
}

/** Not of a number with roots or π, where more than digits stand above the line. */
const FRACTION = /^([^√π]*?)(\d+)\/(\d+)$/
const REPEATING = /^(.*[.,]\d*)\((\d+)\)$/
const SCIENTIFIC = /^(.*\d)e(-?\d+)$/

/** Reads what is shown of a number. */
export function numberParts(shown: string): NumberParts {
  const [, whole = '', above, below] = FRACTION.exec(shown) ?? []
  if (above !== undefined && below !== undefined) {
    return { plain: whole.trimEnd(), fraction: { above, below }, repeating: '', exponent: '' }
  }
  const [, digits, repeating] = REPEATING.exec(shown) ?? []
  if (digits !== undefined && repeating !== undefined) {
    return { plain: digits, fraction: null, repeating, exponent: '' }
  }
  const [, mantissa, exponent] = SCIENTIFIC.exec(shown) ?? []
  return mantissa !== undefined && exponent !== undefined
    ? { plain: mantissa, fraction: null, repeating: '', exponent: exponent.replace('-', '−') }
    : { plain: shown, fraction: null, repeating: '', exponent: '' }
}
