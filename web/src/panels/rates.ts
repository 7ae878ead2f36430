import type { Rate } from '../api/types'

/** A rate that is being written: its number as it stands in the field. */
export interface RateDraft extends Omit<Rate, 'sample'> {
  readonly isNew: boolean
}

const NUMBER = /^\d+(\.\d+)?$|^\.\d+$/
const CODE = /^[A-Z]{3}$/

/** What a number typed with a decimal comma means; nothing else is taken for one. */
export const asDecimal = (text: string): string => text.trim().replace(/^(\d*),(\d+)$/, '$1.$2')

/** What is wrong with a rate, as a sentence; nothing where it can be kept. */
export function faultOf(draft: RateDraft, all: readonly RateDraft[]): string | null {
  if (draft.isNew && !CODE.test(draft.code)) return 'A currency has a code of three capital letters, such as EUR.'
  if (draft.isNew && all.filter((other) => other.code === draft.code).length > 1) {
    return `${draft.code} is there already.`
  }
  if (draft.isNew && draft.name.trim() === '') return `What is ${draft.code} called?`
  const number = asDecimal(draft.euros)
  return NUMBER.test(number) && Number(number) > 0
    ? null
    : `The rate of ${draft.code} is a number above 0, such as 0.92.`
}

/** The table as the server takes it. A new currency has one name for one and for many. */
export const asTable = (drafts: readonly RateDraft[]) =>
  drafts.map(({ code, name, plural, euros }) => ({
    code,
    name: name.trim(),
    plural: plural.trim() === '' ? name.trim() : plural,
    euros: asDecimal(euros),
  }))
