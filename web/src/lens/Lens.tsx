import { useIsMutating } from '@tanstack/react-query'
import { memo, useDeferredValue, useEffect, useState } from 'react'
import { keys } from '../api/keys'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { addressOf, areaBetween, type At } from '../sheet/address'
import { EchoLines } from '../echo/EchoLines'
import { EchoList } from '../echo/EchoList'
import { CellLens } from './CellLens'
import { DraftLens } from './DraftLens'
import { ScratchLens } from './ScratchLens'
import styles from './Lens.module.css'
import { later } from '../later/later'

const SelectionFigures = later(() => import('./SelectionFigures').then((module) => module.SelectionFigures))
const ChartLens = later(() => import('./ChartLens').then((module) => module.ChartLens))

/** What is selected, seen closely: a cell, a chart, an entry that is being written, or else the last echo. */
export const Lens = memo(function Lens() {
  return (
    <aside className={styles.lens} aria-label="Lens">
      <Followed />
      <Content />
    </aside>
  )
})

/** What followed from the last change, where that is asked for; what is selected stays in sight below it. */
function Followed() {
  const echo = useWorksheetStore((state) => state.echo)
  const isOpen = useWorksheetStore((state) => state.echoOpen)
  return isOpen && echo && <EchoList echo={echo} />
}

/** A server that answers more slowly holds nothing up. */
const LONGEST_HOLD = 200

/** A value as it was while something goes on, but not for long. */
function useHeld<T>(value: T, held: boolean): T {
  const [shown, setShown] = useState(value)
  if (!held && shown !== value) setShown(value)
  useEffect(() => {
    if (!held) return
    const timer = setTimeout(() => setShown(value), LONGEST_HOLD)
    return () => clearTimeout(timer)
  }, [held, value])
  return held ? shown : value
}

const isSeveral = (one: At, other: At) => one.row !== other.row || one.column !== other.column

function Content() {
  const { worksheet, at } = useOpenWorksheet()
  // The cells come first: the lens is drawn when they are, and after an edit when what follows from it is.
  const isKeeping = useDeferredValue(useIsMutating({ mutationKey: keys.keeping(worksheet.id) }) > 0)
  const selection = useHeld(useDeferredValue(useWorksheetStore((state) => state.selection)), isKeeping)
  const composing = useHeld(useDeferredValue(useWorksheetStore((state) => state.composing)), isKeeping)
  const echo = useWorksheetStore((state) => state.echo)
  const scratch = useWorksheetStore((state) => state.scratch)
  const isEchoOpen = useWorksheetStore((state) => state.echoOpen)

  if (scratch && !composing) return <ScratchLens {...scratch} />
  if (composing && composing.draft.trim() !== '') return <DraftLens composing={composing} />
  switch (selection.kind) {
    case 'cells':
      return (
        <>
          {at === null && isSeveral(selection.anchor, selection.focus) && (
            <SelectionFigures grid={selection.grid} area={areaBetween(selection.anchor, selection.focus)} />
          )}
          <CellLens grid={selection.grid} address={addressOf(selection.focus)} />
        </>
      )
    case 'chart': {
      const chart = worksheet.sections.flatMap((section) => section.blocks).find((block) => block.id === selection.id)
      return chart?.kind === 'chart' ? <ChartLens chart={chart} series={selection.series} /> : null
    }
    case 'none':
      if (isEchoOpen) return null // it stands above already
      return echo ? (
        <>
          <h2 className={styles.label}>Last change</h2>
          <EchoLines echo={echo} />
        </>
      ) : (
        <p className={styles.empty}>Select a cell to see its value in every form, its formula and its working.</p>
      )
  }
}
