import { Button, Input, Modal, Radio } from 'antd'
import { useState } from 'react'
import type { Act } from '../api/types'
import { selectedCells } from '../commands/selected'
import { addressOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { usePanel } from '../worksheet/usePanel'

/** A series from its first value by equal steps, to a last value or for a count. */
export function SeriesPanel() {
  const { grids, act } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const [first, setFirst] = useState('1')
  const [step, setStep] = useState('1')
  const [until, setUntil] = useState<'last' | 'count'>('last')
  const [end, setEnd] = useState('10')
  const [axis, setAxis] = useState<'ROWS' | 'COLUMNS'>('ROWS')
  if (!selected) return null
  const at = addressOf(selected.area.first)
  const isWrong = until === 'count' && !/^\s*\d+\s*$/.test(end)

  const finish = () => {
    const asked: Act = {
      do: 'series',
      grid: selected.grid.id,
      at,
      axis,
      first,
      step,
      last: until === 'last' ? end : null,
      count: until === 'count' ? Number(end) : null,
    }
    act(asked).then(close, () => undefined)
  }

  return (
    <Modal open title={`Series from ${at}`} footer={null} onCancel={close} width={460}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          finish()
        }}
      >
        <div className={styles.row}>
          <label className={styles.field}>
            From
            <Input autoFocus value={first} onChange={(event) => setFirst(event.target.value)} style={{ width: 130 }} />
          </label>
          <label className={styles.field}>
            Step
            <Input value={step} onChange={(event) => setStep(event.target.value)} style={{ width: 100 }} />
          </label>
          <label className={styles.field}>
            {until === 'last' ? 'To' : 'How many'}
            <Input value={end} onChange={(event) => setEnd(event.target.value)} style={{ width: 130 }} />
          </label>
        </div>
        <Radio.Group
          aria-label="Where it ends"
          value={until}
          onChange={(event) => setUntil(event.target.value === 'count' ? 'count' : 'last')}
          options={[
            { label: 'up to a value', value: 'last' },
            { label: 'so many values', value: 'count' },
          ]}
        />
        <Radio.Group
          aria-label="Direction"
          value={axis}
          onChange={(event) => setAxis(event.target.value === 'COLUMNS' ? 'COLUMNS' : 'ROWS')}
          options={[
            { label: 'down', value: 'ROWS' },
            { label: 'to the right', value: 'COLUMNS' },
          ]}
        />
        <p className={styles.says}>
          Numbers, quantities such as 5 min, or dates such as 2027-03-01 with a step in days.
        </p>
        <div className={styles.acts}>
          <Button htmlType="submit" type="primary" disabled={isWrong}>
            Write it
          </Button>
        </div>
      </form>
    </Modal>
  )
}
