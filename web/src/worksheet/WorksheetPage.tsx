import { Spin } from 'antd'
import { useCallback, useEffect, useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { useForgetPreviews, useWorksheet } from '../api/queries'
import type { Edit, Grid, Worksheet } from '../api/types'
import { Composer } from '../composer/Composer'
import { Contents } from '../contents/Contents'
import { Lens } from '../lens/Lens'
import { Page } from '../page/Page'
import { Foot } from '../scratch/Foot'
import { WorksheetContext } from './context'
import { Head } from './Head'
import { useWorksheetStore } from './store'
import { useKeep } from './useKeep'
import { useShortcuts } from './useShortcuts'
import styles from './WorksheetPage.module.css'

/** A worksheet: head, contents, page, lens and foot. */
export function WorksheetPage() {
  const { id = '' } = useParams()
  const { data: worksheet, error } = useWorksheet(id)
  const reset = useWorksheetStore((state) => state.reset)
  useEffect(() => reset, [reset, id])

  if (error) {
    return (
      <main className={styles.wait}>
        <p role="alert">{error.message}</p>
        <Link to="/">All worksheets</Link>
      </main>
    )
  }
  if (!worksheet) {
    return (
      <main className={styles.wait}>
        <Spin description="Opening the worksheet" />
      </main>
    )
  }
  return <Opened key={id} worksheet={worksheet} />
}

function Opened({ worksheet }: { readonly worksheet: Worksheet }) {
  const { mutateAsync } = useKeep(worksheet.id)
  const contentsOpen = useWorksheetStore((state) => state.contentsOpen)
  const lensOpen = useWorksheetStore((state) => state.lensOpen)
  const keep = useCallback((edits: readonly Edit[]) => mutateAsync(edits), [mutateAsync])
  const step = useCallback((way: 'undo' | 'redo') => void mutateAsync(way).catch(() => undefined), [mutateAsync])
  const open = useMemo(
    () => ({
      worksheet,
      keep,
      grids: worksheet.sections
        .flatMap((section) => section.blocks)
        .filter((block): block is Grid => block.kind === 'grid'),
    }),
    [worksheet, keep],
  )
  useForgetPreviews(worksheet.revision)
  useShortcuts(step)

  return (
    <WorksheetContext value={open}>
      <title>{`${worksheet.title} · Logismos`}</title>
      <div className={styles.layout} data-contents={contentsOpen} data-lens={lensOpen}>
        <Head onStep={step} />
        {contentsOpen && <Contents />}
        <Page />
        {lensOpen && <Lens />}
        <Foot />
      </div>
      <Composer />
    </WorksheetContext>
  )
}
