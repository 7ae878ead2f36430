import type { Reading } from '../api/client'
import type { ColumnKind, Recognised } from '../api/types'

/** What a person has chosen of how a text of values between separators is read; the rest is recognised. */
export interface Chosen {
  readonly encoding?: Recognised['encoding']
  readonly separator?: Recognised['separator']
  readonly quote?: Recognised['quote']
  readonly headings?: boolean
  /** By the letters of a column. */
  readonly kinds: Readonly<Record<string, ColumnKind>>
  /** The letters of columns that take no unit from their headings. */
  readonly plain: readonly string[]
}

export const NOTHING_CHOSEN: Chosen = { kinds: {}, plain: [] }

/** As the server takes it. */
export const asked = ({ kinds, plain, ...rest }: Chosen, name: string): Reading => ({
  name,
  ...rest,
  ...(Object.keys(kinds).length > 0
    ? { kinds: Object.entries(kinds).map(([column, kind]) => `${column}:${kind}`) }
    : {}),
  ...(plain.length > 0 ? { plain: [...plain] } : {}),
})

/** Of other columns than before nothing is known: what was chosen of columns is forgotten with what parts them. */
export const parted = (chosen: Chosen, change: Partial<Chosen>): Chosen => ({ ...chosen, ...change, ...NOTHING_CHOSEN })

/**
 * Whether a file is a table of values between separators: by the end of its name, since systems give such files the types of
 * whatever program opens them; by its type where the name says nothing.
 */
export const isTable = ({ name, type }: File) =>
  /\.(csv|tsv|tab|txt)$/i.test(name) ||
  (!/\.(json|xlsx|xlsm|xltx|ods|ots|xls|pdf|zip)$/i.test(name) && !/json|vnd\.|pdf|zip/.test(type))
