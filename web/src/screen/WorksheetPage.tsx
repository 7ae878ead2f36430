import { useQueryClient } from '@tanstack/react-query'
import { Button, Spin } from 'antd'
import { useCallback, useEffect, useMemo } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { useForgetPreviews, useWorksheet } from '../api/queries'
import type { Act, Edit, Grid, Worksheet } from '../api/types'
import { CommandsContext } from '../commands/context'
import { useCommands } from '../commands/useCommands'
import { Composer } from '../composer/Composer'
import { Contents } from '../contents/Contents'
import { useDroppedFile } from '../documents/useDroppedFile'
import { Lens } from '../lens/Lens'
import { Contained } from '../later/Contained'
import { loadTheRest } from '../later/later'
import { Page } from '../page/Page'
import { Panels } from './Panels'
import { Foot } from '../scratch/Foot'
import { allKept } from '../worksheet/allKept'
import { WorksheetContext } from '../worksheet/context'
import { Head } from './Head'
import { useWorksheetStore } from '../worksheet/store'
import { useDraftOffers } from '../worksheet/useDraftOffers'
import { useEvents } from '../worksheet/useEvents'
import { useBrought } from '../worksheet/brought'
import { useFirstKeys } from '../worksheet/useFirstKeys'
import { useFocusNet } from './useFocusNet'
import { useKeep } from '../worksheet/useKeep'
import { RestoreContext, useLookBack } from '../worksheet/useLookBack'
import { useShortcuts } from './useShortcuts'
import styles from './WorksheetPage.module.css'

/** A worksheet: head, contents, page, lens and foot. With `?at=` in its address, as it was at that change. */
export function WorksheetPage() {
  const { id = '' } = useParams()
  const [params] = useSearchParams()
  const asked = params.get('at')
  const at = asked !== null && /^\d+$/.test(asked) ? Number(asked) : null
  const { data: worksheet, error } = useWorksheet(id, at)
  const reset = useWorksheetStore((state) => state.reset)
  useEffect(() => reset, [reset, id])

  if (error && !worksheet) {
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
  return <Opened key={`${id} ${at}`} worksheet={worksheet} at={at} />
}

/** The first view has so long for itself before the rest of the program is loaded. */
const FIRST_MILLIS = 1_500

function Opened({ worksheet, at }: { readonly worksheet: Worksheet; readonly at: number | null }) {
  const send = useKeep(worksheet.id)
  const client = useQueryClient()
  useEffect(() => {
    const timer = setTimeout(() => void loadTheRest(), FIRST_MILLIS)
    return () => clearTimeout(timer)
  }, [])
  const contentsOpen = useWorksheetStore((state) => state.contentsOpen)
  const lensOpen = useWorksheetStore((state) => state.lensOpen)
  const selection = useWorksheetStore((state) => state.selection)
  const isPast = at !== null
  const { id, title, sections, names, settings } = worksheet
  const open = useMemo(() => {
    const past = () => Promise.reject(new Error('An earlier state cannot be changed. Bring it back first.'))
    return {
      worksheet: { id, title, sections, names, settings },
      at,
      keep: isPast ? past : (edits: readonly Edit[], base?: number) => send({ kind: 'edits', edits }, base),
      act: isPast ? past : (act: Act) => send({ kind: 'act', act }),
      kept: () => allKept(client, id),
      grids: sections.flatMap((section) => section.blocks).filter((block): block is Grid => block.kind === 'grid'),
    }
  }, [id, title, sections, names, settings, at, isPast, send, client])
  const step = useCallback((kind: 'undo' | 'redo') => void send({ kind }).catch(() => undefined), [send])
  const restore = useCallback(
    (revision: number, chart?: string) =>
      send(chart === undefined ? { kind: 'restore', revision } : { kind: 'look', chart, revision }),
    [send],
  )
  useForgetPreviews(worksheet.revision)
  useEvents(worksheet.id, at === null)
  useFirstKeys(open.grids)
  useBrought()
  useFocusNet()
  const show = useWorksheetStore((state) => state.show)
  // What is looked back at cannot be changed, and the file is not opened in its place either.
  useDroppedFile(
    useCallback(
      (file: File) => {
        if (!isPast) show({ kind: 'bringIn', file })
      },
      [isPast, show],
    ),
  )
  useDraftOffers(worksheet.id, at === null)
  useEffect(() => {
    // The tape is short and the first Up should find it.
    void client.prefetchQuery({ queryKey: keys.tape(worksheet.id), queryFn: () => api.tape(worksheet.id) })
  }, [client, worksheet.id])

  return (
    <WorksheetContext value={open}>
      <RestoreContext value={restore}>
        <Commanded step={step}>
          <title>{`${worksheet.title} · Logismos`}</title>
          <div className={styles.layout} data-contents={contentsOpen} data-lens={lensOpen}>
            <Head onStep={step} />
            {contentsOpen && <Contents />}
            <div className={styles.middle}>
              {at !== null && <LookingBack worksheet={worksheet} revision={at} />}
              <Page />
            </div>
            {lensOpen && (
              <Contained what="The lens" shown={selection}>
                <Lens />
              </Contained>
            )}
            <Foot />
          </div>
          <Composer />
          <Panels />
        </Commanded>
      </RestoreContext>
    </WorksheetContext>
  )
}

interface CommandedProps {
  readonly step: (way: 'undo' | 'redo') => void
  readonly children: React.ReactNode
}

/** Gives everything below it the commands, and the commands their keys. */
function Commanded({ step, children }: CommandedProps) {
  const commands = useCommands(step)
  useShortcuts(commands)
  return <CommandsContext value={commands}>{children}</CommandsContext>
}

/** Says that an earlier state is shown, with the ways out of it. */
function LookingBack({ worksheet, revision }: { readonly worksheet: Worksheet; readonly revision: number }) {
  const { returnToNow, restore } = useLookBack()
  return (
    <div className={styles.past} role="status">
      <span>
        As it was on {new Date(worksheet.keptAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'medium' })}
      </span>
      <Button size="small" type="primary" onClick={() => void restore(revision).catch(() => undefined)}>
        Bring this state back
      </Button>
      <Button size="small" onClick={returnToNow}>
        Return to now
      </Button>
    </div>
  )
}
