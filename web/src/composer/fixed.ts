import type { At } from '../sheet/address'

export type ArrowKey = 'ArrowUp' | 'ArrowDown' | 'ArrowLeft' | 'ArrowRight'

/** The cell next to one. */
export function arrowed({ column, row }: At, key: ArrowKey): At {
  switch (key) {
    case 'ArrowUp':
      return { column, row: Math.max(0, row - 1) }
    case 'ArrowDown':
      return { column, row: row + 1 }
    case 'ArrowLeft':
      return { column: Math.max(0, column - 1), row }
    case 'ArrowRight':
      return { column: column + 1, row }
  }
}

const REFERENCE = /(?<![\p{L}\d_$])\$?[A-Za-z]{1,3}\$?\d{1,7}(?![\p{L}\d_(])/gu

/** `B2`, `$B$2`, `B$2`, `$B2`, and `B2` again. */
function nextSigns(reference: string): string {
  const [, column = '', letters = '', row = '', number = ''] = /^(\$?)([A-Za-z]+)(\$?)(\d+)$/.exec(reference) ?? []
  if (column === '' && row === '') return `$${letters}$${number}`
  if (column !== '' && row !== '') return `${letters}$${number}`
  return row === '' ? `${letters}${number}` : `$${letters}${number}`
}

/** The change that turns the dollar signs of the reference at the cursor, of both corners of a range; null where none is. */
export function withNextSigns(
  text: string,
  cursor: number,
): { readonly from: number; readonly to: number; readonly insert: string } | null {
  const found = [...text.matchAll(REFERENCE)].map((match) => ({
    from: match.index,
    to: match.index + match[0].length,
    text: match[0],
  }))
  const at = found.findIndex(({ from, to }) => from <= cursor && cursor <= to)
  const here = found[at]
  if (!here) return null
  const isRange = (one: typeof here | undefined, other: typeof here | undefined) =>
    one !== undefined && other !== undefined && text.slice(one.to, other.from) === ':'
  const before = found[at - 1]
  const behind = found[at + 1]
  const first = before && isRange(before, here) ? before : here
  const last = behind && isRange(here, behind) ? behind : here
  const turned = nextSigns(first.text)
  const signs = (reference: string) => {
    let next = reference
    for (let turn = 0; turn < 4 && shape(next) !== shape(turned); turn++) next = nextSigns(next)
    return next
  }
  return {
    from: first.from,
    to: last.to,
    insert: first === last ? turned : `${turned}:${signs(last.text)}`,
  }
}

/** Where a reference has its dollar signs. */
const shape = (reference: string): string => reference.replace(/[A-Za-z]+/, 'A').replace(/\d+/, '1')
