import type { PointerEvent } from 'react'
import { useRef } from 'react'
import type { Cell } from '../api/types'
import { useWorksheetStore } from '../worksheet/store'
import { addressOf, areaBetween, atOf, type At } from './address'

/** The cell under the pointer, if it is one of this grid. */
function cellAt(event: { readonly clientX: number; readonly clientY: number }, grid: string): At | null {
  const element = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-cell]')
  return element?.dataset['grid'] === grid && element.dataset['cell'] ? atOf(element.dataset['cell']) : null
}

/** Selecting with the pointer, by press and by drag; while an entry is written the same act puts a reference into it. */
export function useGridPointer(grid: string, cells: ReadonlyMap<string, Cell>) {
  const drag = useRef<{ readonly from: At; readonly pointing: boolean } | null>(null)
  const { select, compose } = useWorksheetStore.getState()

  const down = (event: PointerEvent) => {
    const at = cellAt(event, grid)
    if (!at || event.button !== 0) return
    const { writer, selection } = useWorksheetStore.getState()
    const pointing = writer?.point(grid, areaBetween(at, at)) ?? false
    if (pointing) event.preventDefault()
    else {
      writer?.finish()
      const extends_ = event.shiftKey && selection.kind === 'cells' && selection.grid === grid
      select({ kind: 'cells', grid, anchor: extends_ ? selection.anchor : at, focus: at })
    }
    drag.current = { from: at, pointing }
  }

  const move = (event: PointerEvent) => {
    const at = drag.current && cellAt(event, grid)
    if (!at || !drag.current || event.buttons !== 1) return
    const { from, pointing } = drag.current
    if (pointing) useWorksheetStore.getState().writer?.point(grid, areaBetween(from, at))
    else select({ kind: 'cells', grid, anchor: from, focus: at })
  }

  const up = () => {
    drag.current = null
  }

  const double = (event: { readonly clientX: number; readonly clientY: number }) => {
    const at = cellAt(event, grid)
    if (!at || useWorksheetStore.getState().composing) return
    const entry = cells.get(addressOf(at))?.entry ?? ''
    compose({ grid, at, draft: entry, cursor: entry.length, kept: entry })
  }

  return { onPointerDown: down, onPointerMove: move, onPointerUp: up, onDoubleClick: double }
}
