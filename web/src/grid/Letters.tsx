import { lettersOf, type Area } from '../sheet/address'
import styles from './GridBlock.module.css'

interface Props {
  readonly widths: readonly number[]
  readonly template: string
  readonly area: Area | null
}

/** The letters over the columns; a hidden column leaves a mark. */
export function Letters({ widths, template, area }: Props) {
  return (
    <div role="row" aria-rowindex={1} className={styles.letters} style={{ gridTemplateColumns: template }}>
      <span role="columnheader" aria-colindex={1}>
        <span className="spoken">Row</span>
      </span>
      {widths.map(
        (width, column) =>
          width > 0 && (
            <span
              key={column}
              role="columnheader"
              aria-colindex={column + 2}
              data-column={column}
              data-gap={column > 0 && widths[column - 1] === 0}
              data-on={area !== null && column >= area.first.column && column <= area.last.column}
            >
              {lettersOf(column)}
              <button type="button" tabIndex={-1} className={styles.lineMenu} data-line-menu aria-hidden="true">
                ⌄
              </button>
              <i className={styles.resize} data-resize={column} aria-hidden="true" />
            </span>
          ),
      )}
    </div>
  )
}
