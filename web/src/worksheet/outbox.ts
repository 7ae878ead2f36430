import type { Act, Edit } from '../api/types'

/** What can be sent: edits, an act, a step in the history, or an earlier state or look to bring back. */
export type Change =
  | { readonly kind: 'edits'; readonly edits: readonly Edit[] }
  | { readonly kind: 'act'; readonly act: Act }
  | { readonly kind: 'undo' | 'redo'; readonly revision?: number }
  | { readonly kind: 'restore'; readonly revision: number }
  | { readonly kind: 'look'; readonly chart: string; readonly revision: number }

/** A change on its way, the same however often it is sent. */
export interface Sent {
  readonly key: string
  /** The revision that the page showed when it was made. */
  readonly base: number
  readonly change: Change
}

const place = (id: string) => `logismos.outbox.${id}`

/**
 * The changes of a worksheet that are not answered yet, in their order. They lie in the browser, so that they are sent
 * after the page was closed or the browser has ended as well.
 */
export const outbox = {
  read(id: string): readonly Sent[] {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(place(id)) ?? '[]')
      return Array.isArray(kept) ? kept.filter(isSent) : []
    } catch {
      return [] // written by another version, or cut off
    }
  },
  add(id: string, sent: Sent): void {
    write(id, [...outbox.read(id).filter(({ key }) => key !== sent.key), sent])
  },
  remove(id: string, key: string): void {
    write(
      id,
      outbox.read(id).filter((each) => each.key !== key),
    )
  },
}

const isSent = (each: unknown): each is Sent =>
  typeof each === 'object' && each !== null && 'key' in each && 'base' in each && 'change' in each

function write(id: string, all: readonly Sent[]) {
  try {
    if (all.length === 0) localStorage.removeItem(place(id))
    else localStorage.setItem(place(id), JSON.stringify(all))
  } catch {
    // No room: then it is held in the page alone, as long as that is open.
  }
}
