import { memo } from 'react'
import type { Grid } from '../api/types'
import { BlockCaption } from '../block/BlockCaption'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './GridBlock.module.css'
import { GridCells } from './GridCells'
import { GridMenu } from './GridMenu'

/** A grid with its title and its menu, which are not drawn anew when a cell or the selection is another. */
export const GridBlock = memo(function GridBlock({ grid }: { readonly grid: Grid }) {
  const { at, keep } = useOpenWorksheet()
  const isActive = useWorksheetStore(({ selection }) => selection.kind === 'cells' && selection.grid === grid.id)
  return (
    <figure className={styles.block} id={`block-${grid.id}`} data-active={isActive} aria-label={`Grid ${grid.title}`}>
      <BlockCaption
        block={grid}
        onTitle={(title) => void keep([{ do: 'changeBlock', block: { ...grid, title } }]).catch(() => undefined)}
      >
        {grid.rows} × {grid.columns}
      </BlockCaption>
      <GridMenu isOff={at !== null}>
        <div className={styles.cells}>
          <GridCells grid={grid} />
        </div>
      </GridMenu>
    </figure>
  )
})
