/** Column and row from 0. */
export interface At {
  readonly column: number
  readonly row: number
}

/** The letters of a column: `AA` for 26. */
export function lettersOf(column: number): string {
  let letters = ''
  for (let rest = column + 1; rest > 0; rest = Math.floor((rest - 1) / 26)) {
    letters = String.fromCharCode(65 + ((rest - 1) % 26)) + letters
  }
  return letters
}

/** `B3` for column 1, row 2. */
export const addressOf = ({ column, row }: At): string => `${lettersOf(column)}${row + 1}`

/** The column and row of `B3`; A1 where the text is no address. */
export function atOf(address: string): At {
  const match = /^([A-Z]+)(\d+)$/.exec(address)
  if (!match?.[1] || !match[2]) return { column: 0, row: 0 }
  const column = [...match[1]].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0) - 1
  return { column, row: Number(match[2]) - 1 }
}

/** A rectangle; both corners belong to it. */
export interface Area {
  readonly first: At
  readonly last: At
}

/** The rectangle between two corners in whatever order. */
export const areaBetween = (one: At, other: At): Area => ({
  first: { column: Math.min(one.column, other.column), row: Math.min(one.row, other.row) },
  last: { column: Math.max(one.column, other.column), row: Math.max(one.row, other.row) },
})

/** `B2:C9`, or `B2` for a single cell. */
export const areaText = ({ first, last }: Area): string =>
  first.column === last.column && first.row === last.row ? addressOf(first) : `${addressOf(first)}:${addressOf(last)}`

/** The rectangle of `B2:C9` or `B2`. */
export function areaOf(text: string): Area {
  const [first = 'A1', last = first] = text.split(':')
  return areaBetween(atOf(first), atOf(last))
}

/** Whether the cell lies in it. */
export const contains = ({ first, last }: Area, { column, row }: At): boolean =>
  column >= first.column && column <= last.column && row >= first.row && row <= last.row

/** All addresses in it, row by row. */
export function addressesIn({ first, last }: Area): string[] {
  const addresses: string[] = []
  for (let row = first.row; row <= last.row; row++) {
    for (let column = first.column; column <= last.column; column++) addresses.push(addressOf({ column, row }))
  }
  return addresses
}

/** A grid's title as it stands before the point in a reference: in quotes where it is not one word. */
export const quotedTitle = (title: string): string =>
  /^\p{L}[\p{L}\p{M}\d_]*$/u.test(title) ? title : `'${title.replaceAll("'", "''")}'`
