import type { Block } from '../api/types'
import type { OpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'

/** The block that is selected, or whose cells are. */
export function selectedBlock(): string {
  const { selection } = useWorksheetStore.getState()
  return selection.kind === 'cells' ? selection.grid : selection.kind === 'none' ? '' : selection.id
}

/** Puts a block on the page, selects a grid or a chart, and shows it. Whether it was kept. */
export async function addBlock(
  keep: OpenWorksheet['keep'],
  section: string,
  block: Block,
  at: number,
): Promise<boolean> {
  const { selection: former, select } = useWorksheetStore.getState()
  const show = () =>
    requestAnimationFrame(() => document.getElementById(`block-${block.id}`)?.scrollIntoView({ block: 'nearest' }))
  const kept = keep([{ do: 'addBlock', section, block, at }])
  if (block.kind === 'grid') {
    // Laid out already: what is typed next belongs into it, not into the cell that was selected.
    const first = { column: 0, row: 0 }
    select({ kind: 'cells', grid: block.id, anchor: first, focus: first })
    show()
  }
  // What is typed next belongs into the note.
  if (block.kind === 'note') useWorksheetStore.setState({ fresh: block.id })
  try {
    await kept
  } catch {
    if (selectedBlock() === block.id) select(former)
    return false
  }
  if (block.kind === 'chart') select({ kind: 'chart', id: block.id, series: 0 })
  show()
  return true
}
