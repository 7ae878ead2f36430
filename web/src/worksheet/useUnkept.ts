import { useMutationState } from '@tanstack/react-query'
import { useMemo } from 'react'
import { keys } from '../api/keys'
import type { Cell } from '../api/types'
import { addressOf, atOf } from '../sheet/address'
import type { Sent } from './outbox'

/** The changes that wait because the program does not answer, in their order; none while it does. */
export function useUnkept(id: string): readonly Sent[] {
  const waiting = useMutationState({
    filters: { mutationKey: keys.keeping(id), status: 'pending' },
    select: ({ state }) => ({ sent: state.variables, failures: state.failureCount }),
  })
  return useMemo(
    () => (waiting.some(({ failures }) => failures > 0) ? waiting.map(({ sent }) => sent).filter(isSent) : NONE),
    [waiting],
  )
}

const NONE: readonly Sent[] = []

const isSent = (sent: unknown): sent is Sent => typeof sent === 'object' && sent !== null && 'change' in sent

/** Cells as they were typed, where that could not be sent yet: nothing is worked out from it. */
export function useWithUnkept(id: string, grid: string, cells: ReadonlyMap<string, Cell>): ReadonlyMap<string, Cell> {
  const unkept = useUnkept(id)
  return useMemo(() => {
    const typed = unkept.flatMap(({ change }) => (change.kind === 'edits' ? change.edits : []))
    if (typed.length === 0) return cells
    const all = new Map(cells)
    for (const edit of typed) {
      if (edit.do !== 'enter' || edit.grid !== grid) continue
      for (const { cell, text } of edit.cells) all.set(cell, written(all.get(cell), grid, cell, text))
    }
    return all
  }, [unkept, grid, cells])
}

function written(known: Cell | undefined, grid: string, address: string, text: string): Cell {
  const { column, row } = atOf(address)
  return {
    grid,
    address: addressOf({ column, row }),
    column,
    row,
    calculated: false,
    kind: 'unkept',
    full: null,
    unit: null,
    exact: true,
    name: known?.name ?? null,
    from: null,
    latex: null,
    remark: known?.remark ?? null,
    error: null,
    entry: text,
    display: text,
  }
}
