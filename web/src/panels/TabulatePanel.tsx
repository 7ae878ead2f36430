import { Button, Checkbox, Input, Modal, Radio } from 'antd'
import { useState } from 'react'
import { useCell } from '../api/queries'
import type { Act, CellDetail, Variable, Outline } from '../api/types'
import { freshId } from '../sheet/freshId'
import { freeTitle, placeOf } from '../commands/pageCommands'
import { selectedCells } from '../commands/selected'
import { addressOf, quotedTitle } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Panel.module.css'
import { usePanel } from '../worksheet/usePanel'
import { ExpressionField } from '../writing/ExpressionField'

type Ends = 'step' | 'count' | 'cells'

interface Wanted {
  readonly name: string
  readonly from: string
  readonly to: string
  readonly ends: Ends
  readonly step: string
  readonly count: string
  readonly cells: string
}

const OVER: Wanted = { name: 'x', from: '0', to: '10', ends: 'step', step: '1', count: '11', cells: '' }

const asked = ({ name, from, to, ends, step, count, cells }: Wanted): Variable => ({
  name: name.trim(),
  from,
  to,
  step: ends === 'step' ? step : null,
  count: ends === 'count' ? Number(count) : null,
  cells: ends === 'cells' ? cells : null,
})

/** A variable that is a name stands for the first of its values while the expression is written. */
const givenOf = ({ name, from, ends }: Wanted) =>
  ends !== 'cells' && /^\p{L}[\p{L}\p{M}_]*$/u.test(name.trim()) && from.trim() !== ''
    ? [{ word: name.trim(), value: from }]
    : []

/** A grid of what an expression, or a calculated cell, is worth for each value of a variable, or of two. */
export function TabulatePanel() {
  const { worksheet, grids, act } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const tabulated = selected?.grid.tabulation ?? null
  const name =
    selected &&
    worksheet.names.find((each) => each.grid === selected.grid.id && each.area === addressOf(selected.focus))
  const { data: detail } = useCell(
    worksheet.id,
    null,
    selected?.grid.id ?? '',
    selected ? addressOf(selected.focus) : 'A1',
    selected !== null,
  )
  const [expression, setExpression] = useState(
    tabulated?.expression ??
      name?.name ??
      (selected && detail?.cell.calculated !== false ? addressOf(selected.focus) : ''),
  )
  const [first, setFirst] = useState(() => ({ ...OVER, name: inputOf(detail, worksheet) ?? OVER.name }))
  const [isTwoWay, setTwoWay] = useState(false)
  const [second, setSecond] = useState<Wanted>({ ...OVER, name: 'y' })
  const own = selected?.grid.id ?? grids[0]?.id ?? ''
  const section = placeOf(worksheet.sections, own)?.section ?? worksheet.sections.at(-1)

  const finish = () => {
    if (!section) return
    const id = freshId('grid')
    const done: Act = {
      do: 'tabulate',
      section: section.id,
      id,
      title: freeTitle(grids, `Table of ${expression.trim().replace(/^=/, '')}`.slice(0, 60)),
      grid: own,
      expression,
      first: asked(first),
      second: isTwoWay ? asked(second) : null,
    }
    act(done).then(
      () => {
        close()
        const at = { column: 0, row: 0 }
        useWorksheetStore.getState().select({ kind: 'cells', grid: id, anchor: at, focus: at })
        requestAnimationFrame(() => document.getElementById(`block-${id}`)?.scrollIntoView({ block: 'nearest' }))
      },
      () => undefined,
    )
  }
  const anew = () =>
    selected && act({ do: 'tabulateAnew', grid: selected.grid.id, expression }).then(close, () => undefined)

  return (
    <Modal open title="Tabulate" footer={null} onCancel={close} width={560}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          finish()
        }}
      >
        <div className={styles.field}>
          Expression, or a calculated cell
          <ExpressionField
            label="Expression, or a calculated cell"
            autoFocus
            text={expression}
            onWrite={setExpression}
            grid={own}
            given={[first, ...(isTwoWay ? [second] : [])].flatMap(givenOf)}
            placeholder="x^2/2"
          />
        </div>
        {tabulated && (
          <div className={styles.row}>
            <Button onClick={() => void anew()}>Tabulate this in {selected?.grid.title}</Button>
            <span className={styles.says}>or make another table:</span>
          </div>
        )}
        <Over title="Variable, down" wanted={first} onChange={setFirst} />
        <Checkbox checked={isTwoWay} onChange={(event) => setTwoWay(event.target.checked)}>
          a second variable to the right
        </Checkbox>
        {isTwoWay && <Over title="Variable, to the right" wanted={second} onChange={setSecond} />}
        <p className={styles.says}>
          A variable is a name in the expression, or an input cell that it depends on. The table follows when the
          expression changes.
        </p>
        <div className={styles.acts}>
          <Button htmlType="submit" type="primary" disabled={expression.trim() === ''}>
            Make the table
          </Button>
        </div>
      </form>
    </Modal>
  )
}

/** The first single cell that a cell is fed by, as a name or an address; the lens has asked for it already. */
function inputOf(detail: CellDetail | undefined, { names }: Outline): string | null {
  const input = detail?.fedBy.find((place) => !place.area.includes(':'))
  if (!input) return null
  const name = names.find((each) => each.grid === input.grid && each.area === input.area)?.name
  return name ?? (input.grid === detail?.cell.grid ? input.area : `${quotedTitle(input.gridTitle)}.${input.area}`)
}

interface OverProps {
  readonly title: string
  readonly wanted: Wanted
  readonly onChange: (wanted: Wanted) => void
}

/** What is tabulated over. */
function Over({ title, wanted, onChange }: OverProps) {
  const field = (part: keyof Wanted, label: string, width: number) => (
    <label className={styles.field}>
      {label}
      <Input
        value={wanted[part]}
        onChange={(event) => onChange({ ...wanted, [part]: event.target.value })}
        style={{ width }}
      />
    </label>
  )
  return (
    <fieldset className={styles.over} aria-label={title}>
      <legend>{title}</legend>
      <div className={styles.row}>
        {field('name', 'Name or cell', 110)}
        {wanted.ends === 'cells' ? (
          field('cells', 'Cells with the values', 300)
        ) : (
          <>
            {field('from', 'From', 90)}
            {field('to', 'To', 90)}
            {wanted.ends === 'step' ? field('step', 'Step', 80) : field('count', 'How many', 80)}
          </>
        )}
      </div>
      <Radio.Group
        aria-label={`Values of ${title}`}
        value={wanted.ends}
        onChange={(event) => onChange({ ...wanted, ends: endsOf(event.target.value) })}
        options={[
          { label: 'by a step', value: 'step' },
          { label: 'so many values', value: 'count' },
          { label: 'from cells', value: 'cells' },
        ]}
      />
    </fieldset>
  )
}

const endsOf = (value: unknown): Ends => (value === 'count' || value === 'cells' ? value : 'step')
