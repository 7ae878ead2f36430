import { App } from 'antd'
import { useEffect, useState } from 'react'
import { useCell, usePreview } from '../api/queries'
import { useReadCell } from '../commands/useReadCell'
import { addressOf, areaText, type Area } from '../sheet/address'
import { copied } from '../typeset/copies'
import { Words } from '../typeset/Words'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

interface Props {
  readonly grid: string
  readonly area: Area
}

const FIGURES: readonly (readonly [string, string])[] = [
  ['count', 'how many numbers'],
  ['sum', 'sum'],
  ['mean', 'mean'],
  ['min', 'smallest'],
  ['max', 'largest'],
]

/** A selection that is still being drawn is not asked about. */
const SETTLES_MILLIS = 150

/** So far below a selection a cell is looked for that is free. */
const FURTHEST = 100

function useSettled(value: string): string {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLES_MILLIS)
    return () => clearTimeout(timer)
  }, [value])
  return settled
}

/** What several selected cells come to: each figure is copied, or put into the next free cell below as its formula. */
export function SelectionFigures({ grid, area }: Props) {
  const { worksheet, grids } = useOpenWorksheet()
  const read = useReadCell()
  const hidden = (grids.find((each) => each.id === grid)?.hiddenRows ?? []).filter(
    (row) => row >= area.first.row && row <= area.last.row,
  )
  const range = useSettled(hidden.length === 0 ? areaText(area) : `shown(${areaText(area)})`)
  const target = freeCellBelow(area, (address) => read(grid, address)?.kind ?? 'empty')
  const asked = { id: worksheet.id, grid, address: target }
  const { data: filled } = usePreview(asked.id, { grid, address: target, entry: `=counta(${range})` })
  const { data: numbers } = usePreview(asked.id, { grid, address: target, entry: `=count(${range})` })
  const others = Number(filled?.calculation.result.value ?? 0) - Number(numbers?.calculation.result.value ?? 0)

  return (
    <section className={styles.figures} aria-label="The selected cells">
      <h2 className={styles.label}>{areaText(area)}</h2>
      <ul className={styles.units}>
        {FIGURES.map(([name, says]) => (
          <Figure key={name} {...asked} formula={`=${name}(${range})`} says={says} />
        ))}
      </ul>
      {hidden.length > 0 && (
        <p className={styles.copies}>
          {hidden.length === 1 ? '1 hidden row is left out' : `${hidden.length} hidden rows are left out`}
        </p>
      )}
      {others > 0 && (
        <p className={styles.copies}>{others === 1 ? '1 cell is no number' : `${others} cells are no numbers`}</p>
      )}
    </section>
  )
}

/** Where a figure goes: under the first column of the selection, below all that stands there. */
function freeCellBelow({ first, last }: Area, kind: (address: string) => string): string {
  for (let row = last.row + 1; row < last.row + FURTHEST; row++) {
    const address = addressOf({ column: first.column, row })
    if (kind(address) === 'empty') return address
  }
  return addressOf({ column: last.column + 1, row: last.row })
}

interface FigureProps {
  readonly id: string
  readonly grid: string
  readonly address: string
  readonly formula: string
  readonly says: string
}

function Figure({ id, grid, address, formula, says }: FigureProps) {
  const { at, keep } = useOpenWorksheet()
  const { message } = App.useApp()
  const { data } = usePreview(id, { grid, address, entry: formula })
  const { data: there } = useCell(id, at, grid, address)
  const isFree = there?.cell.address === address && there.cell.kind === 'empty' && there.cell.entry === ''
  if (!data) return null
  const { result, error } = data.calculation
  if (error) {
    return (
      <li>
        <span>{says}</span>
        <span className={styles.further}>
          <Words text={error.message} />
        </span>
      </li>
    )
  }
  const copy = () =>
    navigator.clipboard.writeText(copied(result)).then(
      () => void message.success(`Copied ${copied(result)}, all of it.`),
      () => void message.error('The browser keeps its clipboard closed to this page.'),
    )
  return (
    <li>
      <button type="button" title={`Copy the ${says}`} onClick={() => void copy()}>
        {says} <b>{(result.dropsDigits ? '≈ ' : '') + result.display}</b>
      </button>
      {isFree && (
        <button
          type="button"
          className={styles.write}
          title={formula}
          onClick={() =>
            void keep([{ do: 'enter', grid, cells: [{ cell: address, text: formula }] }]).catch(() => undefined)
          }
        >
          put into {address}
        </button>
      )}
    </li>
  )
}
