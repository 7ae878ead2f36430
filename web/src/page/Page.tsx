import { ChartBlock } from '../chart/ChartBlock'
import type { Block, Section } from '../api/types'
import { GridBlock } from '../grid/GridBlock'
import { EditableText } from '../typeset/EditableText'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Page.module.css'
import { freshId, useAdd } from './useAdd'

/** The worksheet itself, read from top to bottom: sections with notes, grids and charts. */
export function Page() {
  const { worksheet, keep } = useOpenWorksheet()
  const addSection = () => {
    const section = { id: freshId('section'), title: 'New section', folded: false, blocks: [] }
    void keep([{ do: 'addSection', section, at: worksheet.sections.length }]).catch(() => undefined)
  }
  return (
    <main className={styles.page} aria-label="Page">
      {worksheet.sections.map((section) => (
        <SectionPart key={section.id} section={section} />
      ))}
      <button type="button" className={styles.add} onClick={addSection}>
        + Section
      </button>
    </main>
  )
}

function SectionPart({ section }: { readonly section: Section }) {
  const { keep } = useOpenWorksheet()
  const { addGrid, addNote, addChart, canChart } = useAdd(section)
  const change = (title: string, folded: boolean) =>
    void keep([{ do: 'changeSection', section: section.id, title, folded }]).catch(() => undefined)

  return (
    <section className={styles.section} id={`block-${section.id}`} aria-label={section.title}>
      <h2>
        <button
          type="button"
          className={styles.fold}
          aria-expanded={!section.folded}
          aria-label={`${section.folded ? 'Unfold' : 'Fold'} ${section.title}`}
          onClick={() => change(section.title, !section.folded)}
        >
          <span data-folded={section.folded} />
        </button>
        <EditableText text={section.title} label="section title" onKeep={(title) => change(title, section.folded)} />
      </h2>
      {!section.folded && (
        <>
          <div className={styles.blocks}>
            {section.blocks.map((block) => (
              <BlockPart key={block.id} block={block} />
            ))}
          </div>
          <div className={styles.adds} role="group" aria-label={`Add to ${section.title}`}>
            <button type="button" className={styles.add} onClick={addGrid}>
              + Grid
            </button>
            <button type="button" className={styles.add} onClick={addNote}>
              + Note
            </button>
            <button
              type="button"
              className={styles.add}
              disabled={!canChart}
              title={canChart ? undefined : 'Select two columns or more of a grid first'}
              onClick={addChart}
            >
              + Chart of the selection
            </button>
          </div>
        </>
      )}
    </section>
  )
}

function BlockPart({ block }: { readonly block: Block }) {
  const { keep } = useOpenWorksheet()
  switch (block.kind) {
    case 'grid':
      return <GridBlock grid={block} />
    case 'chart':
      return <ChartBlock chart={block} />
    case 'note':
      return (
        <div className={styles.note} id={`block-${block.id}`}>
          <EditableText
            multiline
            text={block.text}
            label="note"
            onKeep={(text) => void keep([{ do: 'changeBlock', block: { ...block, text } }]).catch(() => undefined)}
          />
        </div>
      )
  }
}
