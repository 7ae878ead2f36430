import { memo } from 'react'
import type { Grid } from '../api/types'
import { BlockCaption } from '../block/BlockCaption'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './GridBlock.module.css'
import { GridCells } from './GridCells'
import { GridMenu } from './GridMenu'
import { HiddenLines } from './HiddenLines'

/** A grid with its title and its menu, which are not drawn anew when a cell or the selection is another. */
export const GridBlock = memo(function GridBlock({ grid }: { readonly grid: Grid }) {
  const { at, keep } = useOpenWorksheet()
  const isActive = useWorksheetStore(({ selection }) => selection.kind === 'cells' && selection.grid === grid.id)
  const change = (part: Partial<Grid>) =>
    void keep([{ do: 'changeBlock', block: { ...grid, ...part } }]).catch(() => undefined)
  return (
    <figure className={styles.block} id={`block-${grid.id}`} data-active={isActive} aria-label={`Grid ${grid.title}`}>
      <BlockCaption block={grid} onTitle={(title) => change({ title })}>
        {grid.rows} × {grid.columns}
        <HiddenLines grid={grid} canShow={at === null} onShow={() => change({ hiddenRows: [], hiddenColumns: [] })} />
      </BlockCaption>
      <GridMenu isOff={at !== null}>
        <div className={styles.cells}>
          <GridCells grid={grid} />
        </div>
      </GridMenu>
    </figure>
  )
})
