import type { Block, Edit, Grid, Section } from '../api/types'
import { chartOfSelection } from '../chart/made'
import { addBlock, selectedBlock } from './addBlock'
import { freshId } from '../sheet/freshId'
import { toggleFolded } from '../worksheet/folding'
import type { OpenWorksheet } from '../worksheet/context'
import type { Command } from './command'
import type { ReadCell } from './useReadCell'

/** Where a block stands. */
export interface BlockPlace {
  readonly block: Block
  readonly section: Section
  readonly at: number
}

/** The place of a block. */
export function placeOf(sections: readonly Section[], id: string): BlockPlace | null {
  for (const section of sections) {
    const at = section.blocks.findIndex((block) => block.id === id)
    const block = section.blocks[at]
    if (block) return { block, section, at }
  }
  return null
}

/** The edit that moves a block one place up or down, over the border of its section where it stands at it. */
export function moveEdit(sections: readonly Section[], { block, section, at }: BlockPlace, by: 1 | -1): Edit | null {
  const next = at + by
  if (next >= 0 && next < section.blocks.length) {
    return { do: 'moveBlock', block: block.id, section: section.id, at: next }
  }
  const other = sections[sections.findIndex((each) => each.id === section.id) + by]
  return other ? { do: 'moveBlock', block: block.id, section: other.id, at: by === 1 ? 0 : other.blocks.length } : null
}

/** A title that no grid has: with a number behind it, if it is taken. */
export function freeTitle(grids: readonly Grid[], wanted: string): string {
  const taken = new Set(grids.map((grid) => grid.title.toLowerCase()))
  const [, stem = wanted, from = '1'] = /^(.*?) (\d+)$/.exec(wanted) ?? []
  let number = Number(from)
  let title = wanted
  while (taken.has(title.toLowerCase())) title = `${stem} ${++number}`
  return title
}

/** A new grid of the usual size, with a title of its own. */
export function newGrid(grids: readonly Grid[], rows = 6, columns = 4): Grid {
  return {
    kind: 'grid',
    id: freshId('grid'),
    title: freeTitle(grids, `Grid ${grids.length + 1}`),
    rows,
    columns,
    headings: 0,
    widths: {},
    styles: {},
    remarks: {},
    hiddenRows: [],
    hiddenColumns: [],
    beside: false,
    tabulation: null,
  }
}

/** What is done with sections and blocks. */
export function pageCommands(
  { at, worksheet, grids, keep }: OpenWorksheet,
  read: ReadCell = () => undefined,
): readonly Command[] {
  const { sections } = worksheet
  const canChange = () => at === null
  const place = () => (canChange() ? placeOf(sections, selectedBlock()) : null)
  const section = () => place()?.section ?? sections.at(-1)
  const sectionAt = () => sections.findIndex((each) => each.id === section()?.id)
  const moveSection = (by: 1 | -1) => {
    const now = section()
    if (now) void keep([{ do: 'moveSection', section: now.id, at: sectionAt() + by }]).catch(() => undefined)
  }
  const add = (make: () => Block | null) => () => {
    const into = section()
    const block = make()
    if (!into || !block) return
    const spot = place()
    void addBlock(keep, into.id, block, spot ? spot.at + 1 : into.blocks.length)
  }
  const onBlock = (edit: (spot: BlockPlace) => Edit | null) => () => {
    const spot = place()
    const change = spot && edit(spot)
    if (change) void keep([change]).catch(() => undefined)
  }
  const hasBlock = () => place() !== null
  /** Opens a title in its place, as a click on it would. */
  const openTitle = (within: string) =>
    document.querySelector<HTMLElement>(`${within} button[title^="Change"]`)?.click()

  return [
    {
      id: 'add-grid',
      says: 'Add a grid',
      group: 'Page',
      isPossible: () => canChange() && sections.length > 0,
      run: add(() => newGrid(grids)),
    },
    {
      id: 'add-note',
      says: 'Add a note',
      group: 'Page',
      also: 'text paragraph',
      isPossible: () => canChange() && sections.length > 0,
      run: add(() => ({ kind: 'note', id: freshId('note'), text: 'New note', beside: false })),
    },
    {
      id: 'add-chart',
      says: 'Add a chart of the selection',
      group: 'Page',
      also: 'graph draw plot',
      isPossible: () => canChange() && chartOfSelection() !== null,
      run: add(() => chartOfSelection(read)),
    },
    {
      id: 'add-section',
      says: 'Add a section',
      group: 'Page',
      also: 'heading chapter',
      isPossible: canChange,
      run: () => {
        const added: Section = {
          id: freshId('section'),
          title: 'New section',
          folded: false,
          isPart: false,
          blocks: [],
        }
        void keep([{ do: 'addSection', section: added, at: sections.length }]).catch(() => undefined)
      },
    },
    {
      id: 'block-title',
      says: 'Change the title of the block',
      group: 'Page',
      also: 'rename grid chart',
      isPossible: hasBlock,
      run: () => openTitle(`#block-${selectedBlock()} figcaption`),
    },
    {
      id: 'section-title',
      says: 'Change the title of the section',
      group: 'Page',
      also: 'rename heading',
      isPossible: () => canChange() && section() !== undefined,
      run: () => openTitle(`#block-${section()?.id ?? ''} > :is(h2, h3)`),
    },
    {
      id: 'section-fold',
      says: 'Fold or unfold the section',
      group: 'Page',
      also: 'collapse expand hide show',
      isPossible: () => section() !== undefined,
      run: () => {
        const now = section()
        if (now) toggleFolded(worksheet.id, now)
      },
    },
    {
      id: 'section-up',
      says: 'Move the section up',
      group: 'Page',
      keys: 'Alt Shift PageUp',
      also: 'order heading',
      isPossible: () => canChange() && sectionAt() > 0,
      run: () => moveSection(-1),
    },
    {
      id: 'section-down',
      says: 'Move the section down',
      group: 'Page',
      keys: 'Alt Shift PageDown',
      also: 'order heading',
      isPossible: () => canChange() && sectionAt() >= 0 && sectionAt() < sections.length - 1,
      run: () => moveSection(1),
    },
    {
      id: 'section-nest',
      says: 'Make the section a part of the one above, or of none',
      group: 'Page',
      keys: 'Alt Shift N',
      also: 'subsection nest indent level heading',
      isPossible: () => canChange() && sectionAt() > 0,
      run: () => {
        const now = section()
        if (!now) return
        const { id, title, folded, isPart } = now
        void keep([{ do: 'changeSection', section: id, title, folded, isPart: !isPart }]).catch(() => undefined)
      },
    },
    {
      id: 'worksheet-title',
      says: 'Change the title of the worksheet',
      group: 'Worksheet',
      also: 'rename',
      isPossible: canChange,
      run: () => openTitle('header h1'),
    },
    {
      id: 'block-up',
      says: 'Move the block up',
      group: 'Page',
      keys: 'Alt PageUp',
      isPossible: hasBlock,
      run: onBlock((spot) => moveEdit(sections, spot, -1)),
    },
    {
      id: 'block-down',
      says: 'Move the block down',
      group: 'Page',
      keys: 'Alt PageDown',
      isPossible: hasBlock,
      run: onBlock((spot) => moveEdit(sections, spot, 1)),
    },
    {
      id: 'block-beside',
      says: 'Stand beside the block before, or under it',
      group: 'Page',
      also: 'side by side layout',
      isPossible: hasBlock,
      run: onBlock(({ block }) => ({ do: 'changeBlock', block: { ...block, beside: !block.beside } })),
    },
    {
      id: 'block-out',
      says: 'Take the block off the page',
      group: 'Page',
      also: 'delete remove grid chart note',
      isPossible: hasBlock,
      run: onBlock(({ block }) => ({ do: 'removeBlock', block: block.id })),
    },
  ]
}
