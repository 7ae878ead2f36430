import { useQueryClient } from '@tanstack/react-query'
import { useState, memo } from 'react'
import { previewQuery, usePreview } from '../api/queries'
import type { OpenCall, Preview } from '../api/types'
import { addressOf } from '../sheet/address'
import { Typeset } from '../typeset/Typeset'
import { isNumber, typesetSign } from '../typeset/whole'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore, type Composing } from '../worksheet/store'
import styles from './Composer.module.css'
import { Signs } from './Signs'
import { useEditor } from './useEditor'
import { usePlace } from './usePlace'
import { Words } from '../typeset/Words'

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
  const place = usePlace(`cell-${grid}-${address}`)
  const answer = usePreview(worksheet.id, grid, address, draft, cursor)
  const preview = draft.trim() === '' ? undefined : answer.data
  const { host, replace } = useEditor(initial, preview)
  /** Writes the entry as its error or hint offers it; where the key is faster than the answer, that is waited for. */
  const mend = async () => {
    const written = () => useWorksheetStore.getState().composing
    const now = written()
    if (!now) return
    const found = await client
      .fetchQuery({ ...previewQuery(worksheet.id, grid, address, now.draft, now.cursor), staleTime: Infinity })
      .catch(() => null) // forgotten because the worksheet has changed, or not answered: then nothing is offered
    const better = found && betterEntry(found)
    if (better && written()?.draft === now.draft) replace(better)
  }

  return (
    <div
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
      <div ref={host} className={styles.editor} />
      {preview && <Said preview={preview} onReplace={replace} />}
      {/^\s*[\p{L}\d_\s]*=/u.test(draft) && <Signs />}
    </div>
  )
}

/** The sum that can stand behind an `=` which nothing follows yet. */
const sumOf = ({ completions }: Preview) => completions.find(({ kind }) => kind === 'sum')

/** The entry as its error or its hint offers it, or with the sum of the numbers beside it. */
function betterEntry(preview: Preview): string | undefined {
  const { error, hints } = preview.calculation
  const sum = sumOf(preview)
  if (sum) return `=${sum.word}`
  return error ? error.fixes[0]?.replacement : hints[0]?.replacement
}

function Said({ preview, onReplace }: { readonly preview: Preview; readonly onReplace: (text: string) => void }) {
  const { calculation, soFar, call, looksLikeCalculation } = preview
  const { error, hints } = calculation
  const { result, latex, error: stillWrong } = soFar ?? calculation
  const fix = error?.fixes[0]
  const sum = sumOf(preview)
  const hint = hints.find(({ code }) => code !== 'text-calculation')
  const entry = useWorksheetStore((state) => state.composing?.draft ?? '')

  return (
    <>
      {sum && (
        <div className={styles.hint}>
          <span>
            <code>{sum.word}</code> {sum.says}.
          </span>
          <button type="button" onClick={() => onReplace(`=${sum.word}`)}>
            Write it
          </button>
          <kbd>Alt Enter</kbd>
        </div>
      )}
      {error && !sum && (
        <div className={styles.error} role="status">
          <span>
            <Words text={error.message} />
          </span>
          {fix && (
            <>
              <button type="button" onClick={() => onReplace(fix.replacement)}>
                {fix.label}
              </button>
              <kbd>Alt Enter</kbd>
            </>
          )}
        </div>
      )}
      {preview.kind === 'calculation' && (latex !== '' || !stillWrong) && (
        <div className={styles.preview}>
          <span className={styles.formula}>{latex !== '' && <Typeset latex={latex} spoken="" />}</span>
          {!stillWrong && (
            <output className={styles.value} aria-label="value so far">
              {isNumber(result) && typesetSign(result)}
              {isNumber(result) ? <Typeset latex={result.latex} spoken={result.display} /> : result.display}
            </output>
          )}
        </div>
      )}
      {looksLikeCalculation && (
        <div className={styles.hint}>
          <span>This is kept as a text.</span>
          <button type="button" onClick={() => onReplace(`=${entry}`)}>
            Calculate it
          </button>
        </div>
      )}
      {call ? (
        <CallHint call={call} />
      ) : (
        hint && (
          <div className={styles.hint}>
            <span>
              <Words text={hint.message} />
            </span>
            {hint.replacement !== '' && (
              <span>
                <button type="button" onClick={() => onReplace(hint.replacement)}>
                  Write <code>{hint.replacement}</code>
                </button>{' '}
                <kbd>Alt Enter</kbd>
              </span>
            )}
          </div>
        )
      )}
    </>
  )
}

function CallHint({ call }: { readonly call: OpenCall }) {
  const current = call.parameters[call.argument]
  return (
    <div className={styles.hint}>
      <span>
        <code>{call.function}(</code>
        {call.parameters.map((parameter, index) => (
          <code key={parameter.name} data-current={index === call.argument}>
            {index > 0 && ', '}
            {parameter.required ? parameter.name : `${parameter.name}?`}
            {parameter.repeated && ', …'}
          </code>
        ))}
        <code>)</code>
      </span>
      {current && (
        <span>
          {current.name}: {current.says}
        </span>
      )}
    </div>
  )
}
