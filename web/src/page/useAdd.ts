import type { Block, Section } from '../api/types'
import { areaBetween, areaText } from '../grid/address'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'

/** An id that no block or section has yet. */
export const freshId = (kind: string): string => `${kind}-${crypto.randomUUID().slice(0, 8)}`

/** Adds blocks at the end of a section. */
export function useAdd(section: Section) {
  const { keep, grids } = useOpenWorksheet()
  const selection = useWorksheetStore((state) => state.selection)
  const add = (block: Block) =>
    void keep([{ do: 'addBlock', section: section.id, block, at: section.blocks.length }]).catch(() => undefined)

  const freeTitle = () => {
    const taken = new Set(grids.map((grid) => grid.title.toLowerCase()))
    let number = grids.length + 1
    while (taken.has(`grid ${number}`)) number++
    return `Grid ${number}`
  }

  const selected = selection.kind === 'cells' ? areaBetween(selection.anchor, selection.focus) : null
  const canChart =
    selected !== null && selected.last.column > selected.first.column && selected.last.row > selected.first.row

  const addChart = () => {
    if (selection.kind !== 'cells' || !selected) return
    const column = (index: number) =>
      areaText({ first: { ...selected.first, column: index }, last: { ...selected.last, column: index } })
    const columns = Array.from(
      { length: selected.last.column - selected.first.column },
      (_, index) => selected.first.column + index + 1,
    )
    add({
      kind: 'chart',
      id: freshId('chart'),
      title: 'New chart',
      grid: selection.grid,
      across: column(selected.first.column),
      series: columns.map((index) => ({ cells: column(index), shape: 'POINTS_AND_LINE' })),
      acrossTitle: '',
      upTitle: '',
      legend: true,
    })
  }

  return {
    canChart,
    addChart,
    addGrid: () =>
      add({
        kind: 'grid',
        id: freshId('grid'),
        title: freeTitle(),
        rows: 6,
        columns: 4,
        headings: 0,
        widths: {},
        styles: {},
      }),
    addNote: () => add({ kind: 'note', id: freshId('note'), text: 'New note' }),
  }
}
