import type { CompletionSource } from '@codemirror/autocomplete'
import type { QueryClient } from '@tanstack/react-query'
import { askedPreview } from '../api/queries'
import type { Draft } from '../api/types'
import { allKept } from '../worksheet/allKept'

/** Names, functions, constants and units that the word before the cursor may become, as the server lists them. */
export function completing(client: QueryClient, id: () => string, draft: () => Omit<Draft, 'entry'>): CompletionSource {
  return async (context) => {
    const word = context.matchBefore(/[\p{L}_][\p{L}\d_]*/u)
    if (!word) return null
    const entry = context.state.doc.toString()
    await allKept(client, id())
    if (context.aborted) return null
    const answer = await askedPreview(client, id(), { ...draft(), entry, cursor: context.pos })
    if (!answer) return null
    const options = answer.completions.map(({ word: label, kind, says }) => ({
      label,
      detail: kind === 'unit' ? says : kind,
      info: says,
      type: kind,
      apply: kind === 'function' ? `${label}(` : label,
    }))
    return options.length === 0 ? null : { from: word.from, options, filter: false }
  }
}
