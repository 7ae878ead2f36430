import { memo } from 'react'
import { Dropdown } from 'antd'
import type { Block, Name, Section } from '../api/types'
import { areaOf } from '../sheet/address'
import { isFoldedAway } from '../page/Page'
import { useOpenWorksheet } from '../worksheet/context'
import { toggleFolded, useFolds } from '../worksheet/folding'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Contents.module.css'

/** The outline of the page, and every name with its value. */
export const Contents = memo(function Contents() {
  const { worksheet } = useOpenWorksheet()
  const isFolded = useFolds(worksheet.id)
  return (
    <nav className={styles.contents} aria-label="Contents">
      <h2 className={styles.label}>Contents</h2>
      <ul>
        {worksheet.sections.map(
          (section, index) =>
            !isFoldedAway(worksheet.sections, index, isFolded) && <Entry key={section.id} section={section} />,
        )}
      </ul>
      <h2 className={styles.label}>Names</h2>
      {worksheet.names.length === 0 && <p className={styles.none}>Write “price = 5” into a cell to name it.</p>}
      <ul>
        {worksheet.names.map((name) => (
          <NameRow key={name.name} name={name} />
        ))}
      </ul>
    </nav>
  )
})

const titleOf = (block: Block) => (block.kind === 'note' ? '' : block.title)

function goTo(id: string) {
  document.getElementById(`block-${id}`)?.scrollIntoView({ block: 'start', behavior: 'smooth' })
}

function Entry({ section }: { readonly section: Section }) {
  const { worksheet } = useOpenWorksheet()
  const select = useWorksheetStore((state) => state.select)
  const current = useWorksheetStore(({ selection }) =>
    selection.kind === 'cells' ? selection.grid : selection.kind === 'chart' ? selection.id : '',
  )
  const folded = useFolds(worksheet.id)(section)

  const open = (block: Block) => {
    goTo(block.id)
    if (block.kind === 'chart') select({ kind: 'chart', id: block.id, series: 0 })
    if (block.kind === 'grid') {
      const first = { column: 0, row: 0 }
      select({ kind: 'cells', grid: block.id, anchor: first, focus: first })
    }
  }

  return (
    <li data-part={section.isPart}>
      <div className={styles.section}>
        <button
          type="button"
          aria-expanded={!folded}
          aria-label={`${folded ? 'Unfold' : 'Fold'} ${section.title}`}
          onClick={() => toggleFolded(worksheet.id, section)}
        >
          <span className={styles.triangle} data-folded={folded} />
        </button>
        <button type="button" onClick={() => goTo(section.id)}>
          {section.title}
        </button>
      </div>
      {!folded && (
        <ul className={styles.blocks}>
          {section.blocks
            .filter((block) => titleOf(block) !== '')
            .map((block) => (
              <li key={block.id}>
                <button
                  type="button"
                  className={styles.block}
                  aria-current={block.id === current}
                  onClick={() => open(block)}
                >
                  {titleOf(block)}
                </button>
              </li>
            ))}
        </ul>
      )}
    </li>
  )
}

/** A cell's address, or how many cells an area has. */
function sizeOf(area: string): string {
  const { first, last } = areaOf(area)
  const cells = (last.column - first.column + 1) * (last.row - first.row + 1)
  return cells === 1 ? area : `${cells} cells, ${area}`
}

function NameRow({ name }: { readonly name: Name }) {
  const { at, keep } = useOpenWorksheet()
  const select = useWorksheetStore((state) => state.select)
  const show = useWorksheetStore((state) => state.show)
  const { first, last } = areaOf(name.area)
  const go = () => {
    goTo(name.grid)
    select({ kind: 'cells', grid: name.grid, anchor: first, focus: last })
  }
  const kind = `${name.calculated ? 'calculated ' : 'typed '}${name.kind}`
  const items = [
    {
      key: 'rename',
      label: 'Rename …',
      onClick: () => {
        go()
        show({ kind: 'name' })
      },
    },
    {
      key: 'away',
      label: 'Take the name away',
      onClick: () => void keep([{ do: 'define', name: name.name, target: null }]).catch(() => undefined),
    },
  ]
  return (
    <li className={styles.nameRow}>
      <button type="button" className={styles.name} onClick={go}>
        <span className={styles.origin}>{name.calculated && '='}</span>
        <span className={styles.word} data-unused={!name.used}>
          {name.name}
        </span>
        <span className={styles.value} data-error={name.kind === 'error'}>
          {!name.exact && '≈ '}
          {name.display}
        </span>
        <span className={styles.about}>
          {kind} · {sizeOf(name.area)}
          {name.exact && name.dropsDigits && ' · rounded'}
          {!name.used && ' · unused'}
        </span>
      </button>
      {at === null && (
        <Dropdown menu={{ items }} trigger={['click']}>
          <button type="button" className={styles.more} aria-label={`What can be done with the name ${name.name}`}>
            ⋯
          </button>
        </Dropdown>
      )}
    </li>
  )
}
