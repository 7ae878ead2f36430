import { memo, useRef } from 'react'
import { Dropdown } from 'antd'
import type { Block, Section } from '../api/types'
import { ChartBlock } from '../drawing/ChartBlock'
import { chartOfSelection } from '../chart/made'
import { MovingContext, useHeadingAsTarget, useMoving } from '../block/useMoving'
import { addBlock } from '../commands/addBlock'
import { useReadCell } from '../commands/useReadCell'
import { freshId } from '../sheet/freshId'
import { newGrid } from '../commands/pageCommands'
import { GridBlock } from '../grid/GridBlock'
import { EditableText } from '../worksheet/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import { toggleFolded, useFolds } from '../worksheet/folding'
import { useWorksheetStore } from '../worksheet/store'
import { Arrows } from './Arrows'
import { Contained } from '../later/Contained'
import { NoteBlock } from './NoteBlock'
import styles from './Page.module.css'

/** The worksheet itself, read from top to bottom: sections with notes, grids and charts. */
export const Page = memo(function Page() {
  const { worksheet, at, keep } = useOpenWorksheet()
  const arrows = useWorksheetStore((state) => state.arrows)
  const moving = useMoving()
  const isFolded = useFolds(worksheet.id)
  const addSection = () => {
    const section = { id: freshId('section'), title: 'New section', folded: false, isPart: false, blocks: [] }
    useWorksheetStore.setState({ fresh: section.id })
    void keep([{ do: 'addSection', section, at: worksheet.sections.length }]).catch(() => undefined)
  }
  return (
    <main className={styles.page} aria-label="Page" data-earlier={at !== null}>
      <MovingContext value={moving}>
        {worksheet.sections.map((section, index) => (
          <SectionPart
            key={section.id}
            section={section}
            isHidden={isFoldedAway(worksheet.sections, index, isFolded)}
          />
        ))}
      </MovingContext>
      {at === null && (
        <button type="button" className={styles.add} onClick={addSection}>
          + Section
        </button>
      )}
      {arrows && <Arrows />}
    </main>
  )
})

/** A subsection is folded away with the section that it is a part of. */
export function isFoldedAway(
  sections: readonly Section[],
  index: number,
  isFolded: (section: Section) => boolean,
): boolean {
  if (!sections[index]?.isPart) return false
  const above = sections.slice(0, index).findLast((section) => !section.isPart)
  return above !== undefined && isFolded(above)
}

function SectionPart({ section, isHidden }: { readonly section: Section; readonly isHidden: boolean }) {
  const { worksheet, at, grids, keep } = useOpenWorksheet()
  const isFolded = useFolds(worksheet.id)(section)
  const isFresh = useWorksheetStore((state) => state.fresh === section.id)
  const heading = useRef<HTMLHeadingElement>(null)
  useHeadingAsTarget(section, isHidden, heading)
  if (isHidden) return null
  const place = worksheet.sections.findIndex((each) => each.id === section.id)
  const send = (...edits: Parameters<typeof keep>[0]) => void keep(edits).catch(() => undefined)
  const change = (part: Partial<Pick<Section, 'title' | 'isPart'>>) => {
    const { title, folded, isPart } = { ...section, ...part }
    send({ do: 'changeSection', section: section.id, title, folded, isPart })
  }
  const add = (block: Block | null) => {
    if (block) void addBlock(keep, section.id, block, section.blocks.length)
  }
  const items = [
    {
      key: 'part',
      label: section.isPart ? 'Make it a section of its own' : 'Make it a part of the section above',
      disabled: place === 0,
      onClick: () => change({ isPart: !section.isPart }),
    },
    {
      key: 'up',
      label: 'Move up',
      disabled: place === 0,
      onClick: () => send({ do: 'moveSection', section: section.id, at: place - 1 }),
    },
    {
      key: 'down',
      label: 'Move down',
      disabled: place === worksheet.sections.length - 1,
      onClick: () => send({ do: 'moveSection', section: section.id, at: place + 1 }),
    },
    {
      key: 'below',
      label: 'Add a section below',
      onClick: () =>
        send({
          do: 'addSection',
          section: { id: freshId('section'), title: 'New section', folded: false, isPart: section.isPart, blocks: [] },
          at: place + 1,
        }),
    },
    { type: 'divider' as const },
    {
      key: 'out',
      label: 'Take off the page with all it holds',
      danger: true,
      onClick: () =>
        send(...section.blocks.map((block) => ({ do: 'removeBlock', block: block.id }) as const), {
          do: 'removeSection',
          section: section.id,
        }),
    },
  ]
  const Heading = section.isPart ? 'h3' : 'h2'

  return (
    <section
      className={styles.section}
      id={`block-${section.id}`}
      aria-label={section.title}
      data-part={section.isPart}
    >
      <Heading ref={heading} className={styles.heading}>
        <button
          type="button"
          className={styles.fold}
          aria-expanded={!isFolded}
          aria-label={`${isFolded ? 'Unfold' : 'Fold'} ${section.title}`}
          onClick={() => toggleFolded(worksheet.id, section)}
        >
          <span data-folded={isFolded} />
        </button>
        <EditableText
          text={section.title}
          label="section title"
          place={section.id}
          isFresh={isFresh}
          onKeep={(title) => {
            const { folded, isPart } = section
            return keep([{ do: 'changeSection', section: section.id, title, folded, isPart }])
          }}
        />
        {at === null && (
          <Dropdown menu={{ items }} trigger={['click']}>
            <button type="button" className={styles.menu} aria-label={`What can be done with ${section.title}`}>
              ⋯
            </button>
          </Dropdown>
        )}
      </Heading>
      {!isFolded && (
        <>
          {groups(section.blocks).map((blocks) => (
            <div key={blocks[0]?.id} className={styles.blocks}>
              {blocks.map((block) => (
                <Contained key={block.id} what={nameOf(block)} shown={block}>
                  <BlockPart block={block} />
                </Contained>
              ))}
            </div>
          ))}
          {at === null && (
            <div className={styles.adds} role="group" aria-label={`Add to ${section.title}`}>
              <button type="button" className={styles.add} onClick={() => add(newGrid(grids))}>
                + Grid
              </button>
              <button
                type="button"
                className={styles.add}
                onClick={() => add({ kind: 'note', id: freshId('note'), text: 'New note', beside: false })}
              >
                + Note
              </button>
              <AddChart onAdd={add} />
            </div>
          )}
        </>
      )}
    </section>
  )
}

/** Whether a chart can be made depends on what is selected. */
function AddChart({ onAdd }: { readonly onAdd: (block: Block | null) => void }) {
  const canAdd = useWorksheetStore((state) => state.selection.kind === 'cells' && chartOfSelection() !== null)
  const read = useReadCell()
  return (
    <button
      type="button"
      className={styles.add}
      disabled={!canAdd}
      title={canAdd ? undefined : 'Select two columns or more of a grid first'}
      onClick={() => onAdd(chartOfSelection(read))}
    >
      + Chart of the selection
    </button>
  )
}

/** Blocks that stand beside each other. */
function groups(blocks: readonly Block[]): readonly (readonly Block[])[] {
  const rows: Block[][] = []
  for (const block of blocks) {
    const row = rows.at(-1)
    if (block.beside && row) row.push(block)
    else rows.push([block])
  }
  return rows
}

function nameOf(block: Block): string {
  return block.kind === 'note' ? 'A note' : `The ${block.kind} “${block.title}”`
}

function BlockPart({ block }: { readonly block: Block }) {
  switch (block.kind) {
    case 'grid':
      return <GridBlock grid={block} />
    case 'chart':
      return <ChartBlock chart={block} />
    case 'note':
      return <NoteBlock note={block} />
  }
}
