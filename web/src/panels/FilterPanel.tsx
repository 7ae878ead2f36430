import { Button, Checkbox, Input, Modal } from 'antd'
import { useState } from 'react'
import { useColumn } from '../api/queries'
import { selectedCells, type Selected } from '../commands/selected'
import { addressOf, lettersOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { usePanel } from '../worksheet/usePanel'
import { heldIn, type Held } from './held'
import styles from './Panel.module.css'

/** More are found by writing them. */
const MOST_LISTED = 100

/** Which rows of a table are shown: those whose cell in the column of the selected one holds something. */
export function FilterPanel() {
  const { grids } = useOpenWorksheet()
  const [selected] = useState(() => selectedCells(grids))
  return selected && <Choice selected={selected} />
}

function Choice({ selected: { grid, focus } }: { readonly selected: Selected }) {
  const { worksheet, at, act } = useOpenWorksheet()
  const { close } = usePanel()
  const { data: cells = [], error } = useColumn(worksheet.id, at, grid.id, addressOf(focus))
  const [like, setLike] = useState<ReadonlySet<string>>(new Set())
  const [text, setText] = useState('')
  const held = heldIn(cells)
  const row = held[0]?.rows[0] ?? focus.row
  const show = (holds: readonly string[], rows: readonly number[]) =>
    act({ do: 'filter', grid: grid.id, row, column: focus.column, holds, like: rows }).then(close, () => undefined)
  const liked = held.filter((each) => like.has(each.text)).flatMap((each) => each.rows)
  const isChosen = like.size > 0 || text.trim() !== ''

  return (
    <Modal open title={`Rows by column ${lettersOf(focus.column)}`} footer={null} onCancel={close} width={440}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          if (isChosen) void show(text.trim() === '' ? [] : [text.trim()], liked)
        }}
      >
        <label className={styles.field}>
          Show rows whose value is
          <Input
            autoFocus
            className={styles.mono}
            value={text}
            placeholder="a value, or a comparison like >10"
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <fieldset className={styles.choices}>
          <legend>or one of these</legend>
          {error && <p className={styles.says}>{error.message}</p>}
          {held.slice(0, MOST_LISTED).map((each) => (
            <Value
              key={each.text}
              held={each}
              isOn={like.has(each.text)}
              onTurn={(isOn) =>
                setLike(new Set([...like].filter((one) => one !== each.text).concat(isOn ? each.text : [])))
              }
            />
          ))}
        </fieldset>
        <p className={styles.says}>
          Headings and totals stay. The caption of the grid says how many rows are hidden, and <code>shown(…)</code> in
          a formula leaves them out.
        </p>
        <div className={styles.acts}>
          <Button disabled={grid.hiddenRows.length === 0} onClick={() => void show([], [])}>
            Show all rows
          </Button>
          <Button htmlType="submit" type="primary" disabled={!isChosen}>
            Show these rows
          </Button>
        </div>
      </form>
    </Modal>
  )
}

interface ValueProps {
  readonly held: Held
  readonly isOn: boolean
  readonly onTurn: (isOn: boolean) => void
}

function Value({ held, isOn, onTurn }: ValueProps) {
  return (
    <Checkbox checked={isOn} onChange={(event) => onTurn(event.target.checked)}>
      {held.text}
      <span className={styles.count}>{held.rows.length === 1 ? '' : ` in ${held.rows.length} rows`}</span>
    </Checkbox>
  )
}
