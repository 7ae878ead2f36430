import { useIsMutating } from '@tanstack/react-query'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { usePreview } from '../api/queries'
import type { Calculation } from '../api/types'
import { addressOf } from '../sheet/address'
import { inFull } from '../typeset/copies'
import { useOpenWorksheet } from '../worksheet/context'
import { draftOf, drafts } from '../worksheet/drafts'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Foot.module.css'
import { Tape } from './Tape'
import { NOWHERE } from '../sheet/nowhere'
import { useTape } from './useTape'
import { shownSign } from '../typeset/whole'
import { Words } from '../typeset/Words'

/** A calculator of one line. Enter keeps the answer on the tape; Up brings back earlier lines that begin alike. */
export function ScratchLine() {
  const { worksheet, at, grids, kept: allKept } = useOpenWorksheet()
  const selected = useWorksheetStore(({ selection }) => (selection.kind === 'cells' ? selection.grid : null))
  const [text, setOnlyText] = useState(() => drafts.read(worksheet.id, draftOf.scratch) ?? '')
  const setText = (next: string) => {
    setOnlyText(next)
    if (next === '') drafts.forget(worksheet.id, draftOf.scratch)
    else drafts.write(worksheet.id, draftOf.scratch, next)
  }
  const [recalled, setRecalled] = useState(0)
  const [stem, setStem] = useState('')
  const [focused, setFocused] = useState(false)
  const [open, setOpen] = useState(false)
  const target = useWorksheetStore(({ selection }) =>
    open && at === null && selection.kind === 'cells' ? addressOf(selection.focus) : null,
  )
  const isChanging = useIsMutating({ mutationKey: keys.keeping(worksheet.id) }) > 0
  const keeping = useRef('')
  const field = useRef<HTMLInputElement>(null)
  const { lines, add, clear } = useTape(worksheet.id)

  const grid = selected ?? grids[0]?.id ?? ''
  const entry = grid === '' ? '' : text.trim()
  const preview = usePreview(worksheet.id, grid, NOWHERE, entry, entry.length, true, true)
  const calculation = entry === '' ? undefined : preview.data?.calculation

  useEffect(() => {
    useWorksheetStore.setState({ scratch: focused ? { grid, entry } : null })
    return () => useWorksheetStore.setState({ scratch: null })
  }, [focused, grid, entry])

  const write = (next: string) => {
    setText(next)
    setStem(next)
    setRecalled(0)
  }
  const recall = (by: number) => {
    const alike = lines.filter((line) => line.entry.startsWith(stem))
    const next = Math.max(0, Math.min(alike.length, recalled + by))
    setRecalled(next)
    setText(next === 0 ? stem : (alike[alike.length - next]?.entry ?? stem))
  }
  /** Enter may come before the answer, or before a change that it hangs on: then it is asked for when all is kept. */
  const keepLine = async () => {
    if (keeping.current === entry) return
    keeping.current = entry
    const known = calculation && !preview.isPlaceholderData && !isChanging
    const answer = known
      ? calculation
      : await allKept()
          .then(() => api.preview(worksheet.id, { grid, address: NOWHERE, entry, cursor: entry.length, scratch: true }))
          .then((each) => each.calculation)
          .catch(() => null)
    const kept =
      answer &&
      !answer.error &&
      (await add({
        entry: text.trim(),
        display: answer.result.display,
        exact: answer.result.exact && !answer.result.dropsDigits,
        value: inFull(answer.result),
      }))
    keeping.current = ''
    if (!kept) return
    if (field.current?.value === text) setText('')
    setStem('')
    setRecalled(0)
    setOpen(true)
  }
  const press = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault()
      recall(event.key === 'ArrowUp' ? 1 : -1)
    } else if (event.key === 'Enter' && entry !== '') {
      void keepLine()
    } else if (event.key === 'Escape') {
      if (text === '') setOpen(false)
      else write('')
    }
  }

  return (
    <div className={styles.scratch}>
      {open && lines.length > 0 && (
        <Tape lines={lines} target={target} onRecall={write} onClear={clear} onClose={() => setOpen(false)} />
      )}
      <label htmlFor="scratch-line" className={styles.label}>
        Scratch
      </label>
      <input
        ref={field}
        id="scratch-line"
        className={styles.input}
        value={text}
        placeholder="type a calculation"
        autoComplete="off"
        spellCheck={false}
        aria-describedby="scratch-answer"
        onChange={(event) => write(event.target.value)}
        onKeyDown={press}
        onFocus={() => {
          setOpen(true)
          setFocused(true)
        }}
        onBlur={() => setFocused(false)}
      />
      <Answer calculation={calculation} />
    </div>
  )
}

function Answer({ calculation }: { readonly calculation: Calculation | undefined }) {
  return (
    <output id="scratch-answer" className={styles.answer}>
      {calculation?.error && (
        <span className={styles.error}>
          <Words text={calculation.error.message} />
        </span>
      )}
      {calculation && !calculation.error && (
        <>
          <b>
            {shownSign(calculation.result)}
            {calculation.result.display}
          </b>
          <kbd>Enter</kbd>
          <span className={styles.keeps}>keep on the tape</span>
        </>
      )}
    </output>
  )
}
