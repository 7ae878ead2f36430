import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { useCallback, useEffect } from 'react'
import { api, isUnanswered, Refusal, RETRY_MILLIS, type Problem } from '../api/client'
import { keys } from '../api/keys'
import { PAGE_ROWS } from '../api/queries'
import type { Cell, Edit, Kept, Worksheet } from '../api/types'
import { outbox, type Change, type Sent } from './outbox'
import { changedKey, useWorksheetStore } from './store'
import { gonesOf, sourceLoss, type Gone } from './sourceLoss'
import { useNotices } from './useNotices'

const NOTHING_GONE: readonly Gone[] = []

/** Sends changes one after another and writes each answer into the cache: cells at once, the rest by asking again. */
export function useKeep(id: string) {
  const client = useQueryClient()
  const notices = useNotices()
  const follow = useWorksheetStore((state) => state.follow)
  const revision = () => client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0

  const askAgain = async (key: QueryKey) => {
    await client.cancelQueries({ queryKey: key, exact: true })
    await client.invalidateQueries({ queryKey: key, exact: true })
  }

  const mutation = useMutation({
    mutationKey: keys.keeping(id),
    scope: { id },
    // What was not answered is sent again, until it is; all that comes after it waits.
    retry: (_, reason) => isUnanswered(reason),
    retryDelay: RETRY_MILLIS,
    mutationFn: ({ key, base, change }: Sent) => {
      outbox.add(id, { key, base, change })
      switch (change.kind) {
        case 'edits':
          return api.edit(id, base, change.edits, key)
        case 'act':
          return api.act(id, change.act, key)
        case 'restore':
          return api.restore(id, change.revision, key)
        case 'look':
          return api.lookAgain(id, change.chart, change.revision, key)
        case 'undo':
        case 'redo':
          return api.step(id, change.kind, change.revision ?? null, key)
      }
    },
    onSettled: (_, __, { key }) => outbox.remove(id, key),
    // What is laid out is shown at once: the next click must go on from it, however slow the answer is.
    onMutate: (sent: Sent) => {
      outbox.add(id, sent)
      const { change } = sent
      if (change.kind !== 'edits') return NOTHING_GONE
      const gone = gonesOf(change.edits, client.getQueryData<Worksheet>(keys.outline(id))?.sections ?? [])
      void client.cancelQueries({ queryKey: keys.outline(id) })
      client.setQueryData<Worksheet>(keys.outline(id), (old) => old && laidOut(old, change.edits))
      for (const edit of change.edits) {
        // The server has no cells of a grid that is on its way to it.
        if (edit.do !== 'addBlock' || edit.block.kind !== 'grid') continue
        client.setQueryData(keys.page(id, null, edit.block.id, 0, edit.block.columns), new Map<string, Cell>())
      }
      return gone
    },
    onSuccess: (kept: Kept, { change }: Sent, gone) => {
      const { revision: next, keptAt, canUndo, canRedo } = kept
      const missed = kept.again || next > revision() + 1 // another page was faster, or the first answer was lost
      client.setQueryData<Worksheet>(
        keys.outline(id),
        (old) => old && { ...old, revision: next, keptAt, canUndo, canRedo },
      )
      for (const [grid, cells] of byGrid(kept.changed)) {
        for (const [key] of client.getQueriesData<ReadonlyMap<string, Cell>>({ queryKey: keys.cells(id, grid) })) {
          const own = cells.filter((cell) => key[5] === Math.floor(cell.row / PAGE_ROWS))
          if (own.length === 0) continue
          client.setQueryData<ReadonlyMap<string, Cell>>(key, (page) => page && withCells(page, own))
          // What was asked before this change may be answered as it was then.
          if (client.getQueryState(key)?.fetchStatus !== 'idle') void askAgain(key)
        }
      }
      if (change.kind === 'undo' || change.kind === 'redo') notices.forget()
      const loss = sourceLoss(gone, kept)
      if (loss !== '') notices.offer(loss, 'Bring it back', () => void send({ kind: 'undo' }).catch(() => undefined))
      if (!kept.again) follow(kept.echo, new Set(kept.changed.map((cell) => changedKey(cell.grid, cell.address))))
      void client.invalidateQueries({ queryKey: keys.charts(id) }) // worked out while the cells are painted
      // Not waited for: the next key may need what this one has done.
      if (missed || changesLooks(change)) void client.invalidateQueries({ queryKey: keys.allCells(id) })
      // Another change may be on its way, and is shown already: its own answer brings the outline of both.
      if (client.isMutating({ mutationKey: keys.keeping(id) }) <= 1) {
        void client.invalidateQueries({ queryKey: keys.outline(id) })
      }
      afterPaint(() => {
        void client.invalidateQueries({ queryKey: keys.everyCell(id) })
        void client.invalidateQueries({ queryKey: keys.history(id) })
        void client.invalidateQueries({ queryKey: keys.everyFound(id) })
      })
    },
    onError: (reason, { change }) => {
      const problem: Problem = reason instanceof Refusal ? reason.problem : {}
      if (change.kind === 'edits' && problem.cells && problem.cells.length > 0) {
        notices.choose(bothVersions(problem.cells), [
          { label: 'Keep mine', act: () => send(change, problem.revision) },
          { label: 'Keep the other', act: () => undefined },
        ])
      } else if ((change.kind === 'undo' || change.kind === 'redo') && problem.revision !== undefined) {
        const { revision: whose } = problem
        notices.choose(`${reason.message} Is it to be taken back?`, [
          { label: 'Take it back', act: () => send({ kind: change.kind, revision: whose }) },
          { label: 'Leave it', act: () => undefined },
        ])
      } else notices.refuse(reason.message)
      void client.invalidateQueries({ queryKey: keys.allCells(id) })
      return client.invalidateQueries({ queryKey: keys.outline(id) })
    },
  })
  const { mutateAsync } = mutation

  /** Sends a change, made on what the page shows now or on what it showed at `base`. */
  const send = useCallback(
    (change: Change, base?: number) => {
      const shown = client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0
      return mutateAsync({ key: crypto.randomUUID(), base: base ?? shown, change })
    },
    [client, id, mutateAsync],
  )

  // What an earlier page could not send any more.
  useEffect(() => {
    const waiting = new Set(
      client
        .getMutationCache()
        .findAll({ mutationKey: keys.keeping(id) })
        .flatMap(({ state }) => (isSentOf(state.variables) ? [state.variables.key] : [])),
    )
    for (const sent of outbox.read(id)) {
      if (!waiting.has(sent.key)) void mutateAsync(sent).catch(() => undefined)
    }
  }, [client, id, mutateAsync])

  return send
}

const isSentOf = (variables: unknown): variables is Sent =>
  typeof variables === 'object' && variables !== null && 'key' in variables

/** What stands in cells now and what was to be written there. */
function bothVersions(cells: NonNullable<Problem['cells']>): string {
  const [first, ...others] = cells
  if (!first) return ''
  const more = others.length === 0 ? '' : ` So it is with ${others.length} more.`
  const now = first.now === '' ? 'it is empty now' : `it holds \`${first.now}\` now`
  const yours = first.yours === '' ? 'you emptied it' : `you wrote \`${first.yours}\``
  return `\`${first.address}\` was changed on another page: ${now}, and ${yours}.${more}`
}

/** Once the page shows what it has, or after a moment where nobody looks at it. */
function afterPaint(work: () => void) {
  const timer = setTimeout(work, 100)
  requestAnimationFrame(() => {
    clearTimeout(timer)
    setTimeout(work)
  })
}

/** The worksheet with what edits change of its layout and settings; all else comes with the answer. */
const laidOut = (worksheet: Worksheet, edits: readonly Edit[]): Worksheet => edits.reduce(laidOutBy, worksheet)

function laidOutBy(worksheet: Worksheet, edit: Edit): Worksheet {
  if (edit.do === 'changeSettings') return { ...worksheet, settings: edit.settings }
  if (edit.do === 'addSection')
    return { ...worksheet, sections: worksheet.sections.toSpliced(edit.at, 0, edit.section) }
  if (edit.do !== 'addBlock' && edit.do !== 'changeBlock' && edit.do !== 'removeBlock' && edit.do !== 'changeSection')
    return worksheet
  return {
    ...worksheet,
    sections: worksheet.sections.map((section) => {
      // Gone at once, so that nobody asks for its cells when the answer comes.
      if (edit.do === 'removeBlock')
        return { ...section, blocks: section.blocks.filter((block) => block.id !== edit.block) }
      if (edit.do === 'addBlock') {
        // What a chart draws comes with the answer, and so does the chart.
        if (section.id !== edit.section || edit.block.kind === 'chart') return section
        return { ...section, blocks: section.blocks.toSpliced(edit.at, 0, edit.block) }
      }
      if (edit.do === 'changeBlock') {
        return { ...section, blocks: section.blocks.map((block) => (block.id === edit.block.id ? edit.block : block)) }
      }
      const { title, folded, isPart } = edit
      return section.id === edit.section ? { ...section, title, folded, isPart } : section
    }),
  }
}

/** Whether cells may look different although their values are the same: by their style, or by their place. */
function changesLooks(change: Change): boolean {
  return change.kind !== 'edits' || change.edits.some((edit) => edit.do !== 'enter' && edit.do !== 'define')
}

function byGrid(cells: readonly Cell[]): ReadonlyMap<string, readonly Cell[]> {
  const grids = new Map<string, Cell[]>()
  for (const cell of cells) {
    const own = grids.get(cell.grid)
    if (own) own.push(cell)
    else grids.set(cell.grid, [cell])
  }
  return grids
}

function withCells(page: ReadonlyMap<string, Cell>, cells: readonly Cell[]): ReadonlyMap<string, Cell> {
  const next = new Map(page)
  for (const cell of cells) {
    if (cell.entry === '' && cell.kind === 'empty') next.delete(cell.address)
    else next.set(cell.address, cell)
  }
  return next
}
