import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import type { Area } from '../sheet/address'
import { boxOf, movedTo, ROW_HEAD, ROW_HEIGHT, type Geometry } from './geometry'
import styles from './GridBlock.module.css'
import { useHighlights } from './useHighlights'

interface Props {
  readonly grid: string
  readonly part: 'headings' | 'body'
  readonly geometry: Geometry
  readonly area: Area | null
  readonly canChange: boolean
}

/** What is drawn over the cells: references, the selection with its edge and grip, what was copied or is carried. */
export function Overlays({ grid, part, geometry, area, canChange }: Props) {
  const { worksheet, at } = useOpenWorksheet()
  const highlights = useHighlights(worksheet.id, at).filter((highlight) => highlight.grid === grid)
  const clip = useWorksheetStore((state) => (state.clip?.grid === grid ? state.clip : null))
  const carrying = useWorksheetStore((state) => (state.carrying?.grid === grid ? state.carrying : null))
  const filling = useWorksheetStore((state) => (state.filling?.grid === grid ? state.filling.area : null))
  const headings = part === 'body' ? geometry.headings : 0
  const selected = area && boxOf(area, geometry, part)
  const clipped = clip && boxOf(clip.area, geometry, part)
  const carried = carrying && boxOf(movedTo(carrying.from, carrying.to), geometry, part)
  const filled = filling && boxOf(filling, geometry, part)

  return (
    <>
      {highlights.map((highlight, index) => {
        const box = boxOf(highlight.area, geometry, part)
        return (
          box && (
            <div
              key={index}
              data-overlay
              className={highlight.isInTheWay ? styles.inTheWay : styles.reference}
              data-reference={highlight.isInTheWay ? undefined : highlight.colour}
              title={highlight.isInTheWay ? 'In the way of the table' : undefined}
              style={highlight.isInTheWay ? box : { ...box, color: `var(--ref-${highlight.colour})` }}
            />
          )
        )
      })}
      {clipped && <div className={styles.clipped} style={clipped} />}
      {selected && (
        <div className={styles.selected} style={selected} data-overlay>
          {canChange && (
            <>
              {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
                <span key={side} className={styles.edge} data-edge={side} title="Drag to move" />
              ))}
              <span
                className={styles.grip}
                data-grip
                data-last-row={selected.top + selected.height >= (geometry.rows.count - headings) * ROW_HEIGHT}
                data-last-column={selected.left + selected.width >= geometry.widths.reduce((a, b) => a + b, ROW_HEAD)}
                title="Drag to continue, double-click to go on as far as the column beside it · Alt Down"
              />
            </>
          )}
        </div>
      )}
      {filled && <div className={styles.filling} style={filled} />}
      {carried && <div className={styles.carried} style={carried} />}
    </>
  )
}
