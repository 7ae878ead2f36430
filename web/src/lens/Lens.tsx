import { useDeferredValue, memo } from 'react'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { addressOf } from '../grid/address'
import { EchoLines } from '../echo/EchoLines'
import { CellLens } from './CellLens'
import { ChartLens } from './ChartLens'
import { DraftLens } from './DraftLens'
import { ScratchLens } from './ScratchLens'
import styles from './Lens.module.css'

/** What is selected, seen closely: a cell, a chart, an entry that is being written, or else the last echo. */
export const Lens = memo(function Lens() {
  return (
    <aside className={styles.lens} aria-label="Lens">
      <Content />
    </aside>
  )
})

function Content() {
  const { worksheet } = useOpenWorksheet()
  // The cells come first: the lens is drawn when they are.
  const selection = useDeferredValue(useWorksheetStore((state) => state.selection))
  const composing = useDeferredValue(useWorksheetStore((state) => state.composing))
  const echo = useWorksheetStore((state) => state.echo)
  const scratch = useWorksheetStore((state) => state.scratch)

  if (scratch && scratch.entry !== '' && !composing) return <ScratchLens {...scratch} />
  if (composing && composing.draft.trim() !== '') return <DraftLens composing={composing} />
  switch (selection.kind) {
    case 'cells':
      return <CellLens grid={selection.grid} address={addressOf(selection.focus)} />
    case 'chart': {
      const chart = worksheet.sections.flatMap((section) => section.blocks).find((block) => block.id === selection.id)
      return chart?.kind === 'chart' ? <ChartLens chart={chart} series={selection.series} /> : null
    }
    case 'none':
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
