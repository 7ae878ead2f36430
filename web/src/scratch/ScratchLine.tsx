import { useIsMutating } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { api } from '../api/client'
import { keys } from '../api/keys'
import type { Calculation, TapeLine } from '../api/types'
import { addressOf } from '../sheet/address'
import { NOWHERE } from '../sheet/nowhere'
import { inFull } from '../typeset/copies'
import { shownSign } from '../typeset/whole'
import { Words } from '../typeset/Words'
import { useOpenWorksheet } from '../worksheet/context'
import { draftOf, drafts } from '../worksheet/drafts'
import { SCRATCH_LINE } from '../worksheet/focusScratch'
import { useWorksheetStore } from '../worksheet/store'
import { returnFocus } from '../worksheet/usePanel'
import { Said } from '../writing/Said'
import { Signs } from '../writing/Signs'
import { useExpression } from '../writing/useExpression'
import writing from '../writing/Writing.module.css'
import styles from './Foot.module.css'
import { Tape } from './Tape'
import { useTape } from './useTape'

const ATTRIBUTES = { id: SCRATCH_LINE, 'aria-label': 'Scratch', 'aria-describedby': 'scratch-answer' }

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
  const [isUsed, setUsed] = useState(false)
  const [open, setOpen] = useState(false)
  const target = useWorksheetStore(({ selection }) =>
    open && at === null && selection.kind === 'cells' ? addressOf(selection.focus) : null,
  )
  const isChanging = useIsMutating({ mutationKey: keys.keeping(worksheet.id) }) > 0
  const keeping = useRef('')
  const { lines, add, clear } = useTape(worksheet.id)

  const grid = selected ?? grids[0]?.id ?? ''
  const entry = grid === '' ? '' : text.trim()
  /** The line of the tape that is brought back, as long as nothing is changed in it. */
  const line = useWorksheetStore(({ scratch }) => (scratch?.entry === entry ? scratch.line : null))
  const show = useCallback(
    (shown: string, line: number | null) =>
      useWorksheetStore.setState({ scratch: { grid, entry: shown, line }, step: -1 }),
    [grid],
  )

  const write = (next: string) => {
    setText(next)
    setStem(next)
    setRecalled(0)
    if (next.trim() !== '') show(next.trim(), null)
  }
  /** Brings a line of the tape back, with its value and its working. */
  const bringBack = (found: TapeLine) => {
    setText(found.entry)
    setStem(found.entry)
    setRecalled(0)
    show(found.entry, found.line)
    view.current?.focus()
  }
  const recall = (by: number) => {
    const alike = lines.filter((line) => line.entry.startsWith(stem))
    const next = Math.max(0, Math.min(alike.length, recalled + by))
    const found = next === 0 ? undefined : alike[alike.length - next]
    setRecalled(next)
    setText(found?.entry ?? stem)
    if (found) show(found.entry, found.line)
    return true
  }
  /** Enter may come before the answer, or before a change that it hangs on: then it is asked for when all is kept. */
  const keepLine = async () => {
    if (entry === '' || keeping.current === entry) return
    keeping.current = entry
    const known = calculation && line === null && !isBehind && !isChanging
    const answer = known
      ? calculation
      : await allKept()
          .then(() => api.preview(worksheet.id, { grid, address: NOWHERE, entry, scratch: true }))
          .then((each) => each.calculation)
          .catch(() => null)
    const kept =
      answer &&
      !answer.error &&
      (await add({
        entry,
        display: answer.result.display,
        exact: answer.result.exact && !answer.result.dropsDigits,
        value: inFull(answer.result),
      }))
    keeping.current = ''
    if (!kept) return
    if (view.current?.state.doc.toString() === text) setText('')
    setStem('')
    setRecalled(0)
    setOpen(true)
    show(kept.entry, kept.line)
  }
  /** What is written stays, and is there when one comes back. */
  const leave = () => {
    setOpen(false)
    view.current?.contentDOM.blur()
    returnFocus()
    return true
  }

  const { host, view, preview, isBehind, onReplace, insert } = useExpression({
    text,
    onWrite: write,
    draft: { grid, address: NOWHERE, line },
    attributes: ATTRIBUTES,
    shownWhenEmpty: 'type a calculation',
    isUsed: grid !== '',
    keys: [
      { key: 'ArrowUp', run: () => recall(1) },
      { key: 'ArrowDown', run: () => recall(-1) },
      { key: 'Enter', run: () => (void keepLine(), true) },
      { key: 'Escape', run: leave },
    ],
  })
  const calculation = preview?.calculation
  useEffect(() => () => useWorksheetStore.setState({ scratch: null }), [])

  return (
    <div
      className={styles.scratch}
      onFocus={() => {
        setOpen(true)
        setUsed(true)
        if (entry !== '' && useWorksheetStore.getState().scratch === null) show(entry, null)
      }}
      onBlur={(event) => event.currentTarget.contains(event.relatedTarget) || setUsed(false)}
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || event.defaultPrevented) return
        event.preventDefault()
        leave()
      }}
    >
      {open && (lines.length > 0 || (isUsed && preview)) && (
        <div className={styles.above}>
          {lines.length > 0 && (
            <Tape lines={lines} target={target} onRecall={bringBack} onClear={clear} onClose={leave} />
          )}
          {isUsed && preview && (
            <div className={styles.said}>
              <Said preview={preview} entry={text} onReplace={onReplace} showsValue={false} />
              <Signs onInsert={insert} />
            </div>
          )}
        </div>
      )}
      <span className={styles.label} aria-hidden="true" onClick={() => view.current?.focus()}>
        Scratch
      </span>
      <div ref={host} className={`${writing.editor} ${styles.input}`} />
      <Answer calculation={calculation} saysErrors={!isUsed} />
    </div>
  )
}

/** What it is worth; what is wrong with it is said over the line while it is written. */
function Answer({
  calculation,
  saysErrors,
}: {
  readonly calculation: Calculation | undefined
  readonly saysErrors: boolean
}) {
  return (
    <output id="scratch-answer" className={styles.answer}>
      {saysErrors && calculation?.error && (
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
