import type { Grid } from '../api/types'
import styles from './GridBlock.module.css'

interface Props {
  readonly grid: Grid
  readonly canShow: boolean
  readonly onShow: () => void
}

const counted = (count: number, one: string) => (count === 0 ? [] : [count === 1 ? `1 ${one}` : `${count} ${one}s`])

/** Says over a grid that lines of it are not shown, so that nobody reads a part for the whole. */
export function HiddenLines({ grid, canShow, onShow }: Props) {
  const hidden = [...counted(grid.hiddenRows.length, 'row'), ...counted(grid.hiddenColumns.length, 'column')]
  if (hidden.length === 0) return null
  return (
    <span className={styles.hiddenLines}>
      {hidden.join(' and ')} hidden
      {canShow && (
        <button type="button" onClick={onShow}>
          Show all
        </button>
      )}
    </span>
  )
}
