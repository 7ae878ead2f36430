import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState, memo } from 'react'
import { askedPreview, usePreview } from '../api/queries'
import { addressOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore, type Composing } from '../worksheet/store'
import styles from './Composer.module.css'
import writing from '../writing/Writing.module.css'
import { useEditor } from './useEditor'
import { usePlace } from './usePlace'
import { betterEntry } from '../writing/better'
import { Said } from '../writing/Said'
import { Signs } from '../writing/Signs'

/** The card in which an entry is written; it stands at its cell, never over it. */
export const Composer = memo(function Composer() {
  const composing = useWorksheetStore((state) => state.composing)
  return composing && <Card key={`${composing.grid}!${addressOf(composing.at)}`} composing={composing} />
})

function Card({ composing }: { readonly composing: Composing }) {
  const { worksheet } = useOpenWorksheet()
  const client = useQueryClient()
  const { grid, at, draft, cursor } = composing
  const address = addressOf(at)
  const [initial] = useState(composing)
  const card = useRef<HTMLDivElement>(null)
  const answer = usePreview(worksheet.id, { grid, address, entry: draft, cursor })
  const preview = draft.trim() === '' ? undefined : answer.data
  const place = usePlace(`cell-${grid}-${address}`, card, answer.data?.references)
  const { host, replace } = useEditor(initial, preview)
  /** Writes the entry as its error or hint offers it; where the key is faster than the answer, that is waited for. */
  const mend = async () => {
    const written = () => useWorksheetStore.getState().composing
    const now = written()
    if (!now) return
    const found = await askedPreview(client, worksheet.id, { grid, address, entry: now.draft, cursor: now.cursor })
    const better = found && betterEntry(found)
    if (better && written()?.draft === now.draft) replace(better)
  }

  return (
    <div
      ref={card}
      className={styles.card}
      role="dialog"
      aria-label={`Entry of ${address}`}
      style={place}
      onKeyDown={(event) => {
        if (event.altKey && event.key === 'Enter') {
          event.preventDefault()
          void mend()
        }
        if (event.altKey && event.code === 'KeyP') {
          event.preventDefault()
          event.currentTarget.querySelector<HTMLElement>('[data-signs] button')?.focus()
        }
      }}
    >
      <div ref={host} className={writing.editor} />
      {preview && <Said preview={preview} entry={draft} cursor={cursor} onReplace={replace} />}
      {/^\s*[\p{L}\d_\s]*=/u.test(draft) && (
        <Signs onInsert={(text) => useWorksheetStore.getState().writer?.insert(text)} />
      )}
    </div>
  )
}
