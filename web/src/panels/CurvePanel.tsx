import { Button, Input, Modal, Radio } from 'antd'
import { useState } from 'react'
import type { Chart, Source } from '../api/types'
import { newChart, newSeries } from '../chart/made'
import { addBlock } from '../commands/addBlock'
import { placeOf } from '../commands/pageCommands'
import { selectedCells } from '../commands/selected'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { usePanel } from '../worksheet/usePanel'
import { ExpressionField } from '../writing/ExpressionField'

type Way = 'curve' | 'path'

/** A curve from an expression, or from two with a parameter; into a chart, or a new one. */
export function CurvePanel({ chart: id }: { readonly chart: string | null }) {
  const { worksheet, grids, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const [way, setWay] = useState<Way>('curve')
  const [up, setUp] = useState('')
  const [across, setAcross] = useState('')
  const [variable, setVariable] = useState('x')
  const [from, setFrom] = useState('0')
  const [to, setTo] = useState('10')
  const into = id === null ? null : placeOf(worksheet.sections, id)
  const bare = (text: string) => text.trim().replace(/^=/, '').trim()
  const isReady = bare(up) !== '' && variable.trim() !== '' && (way === 'curve' || bare(across) !== '')

  const over = {
    grid: selected?.grid.id ?? grids[0]?.id ?? '',
    given: variable.trim() === '' || bare(from) === '' ? null : [{ word: variable.trim(), value: bare(from) }],
  }

  const finish = () => {
    const ends = { from: bare(from), to: bare(to) }
    const source: Source =
      way === 'curve'
        ? { of: 'curve', expression: bare(up), variable: variable.trim(), ...ends }
        : { of: 'path', across: bare(across), up: bare(up), parameter: variable.trim(), ...ends }
    const series = newSeries(source, 'LINE')
    if (into?.block.kind === 'chart') {
      const block: Chart = { ...into.block, form: 'PLOT', series: [...into.block.series, series], legend: 'ABOVE' }
      keep([{ do: 'changeBlock', block }]).then(close, () => undefined)
      return
    }
    const section = placeOf(worksheet.sections, selected?.grid.id ?? '')?.section ?? worksheet.sections.at(-1)
    if (!section) return
    const block = newChart(bare(up), selected?.grid.id ?? grids[0]?.id ?? '', null, [series])
    void addBlock(keep, section.id, block, section.blocks.length).then((isKept) => isKept && close())
  }

  return (
    <Modal open title={into ? 'Add a curve' : 'Draw a curve'} footer={null} onCancel={close} width={520}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          if (isReady) finish()
        }}
      >
        <Radio.Group
          aria-label="What is drawn"
          value={way}
          onChange={(event) => {
            const next = event.target.value === 'path' ? 'path' : 'curve'
            setWay(next)
            setVariable(next === 'path' ? 'u' : 'x')
          }}
          options={[
            { label: 'y from x', value: 'curve' },
            { label: 'x and y from a parameter', value: 'path' },
          ]}
        />
        {way === 'path' && (
          <div className={styles.field}>
            Across
            <ExpressionField label="Across" text={across} onWrite={setAcross} placeholder="cos(u)" {...over} />
          </div>
        )}
        <div className={styles.field}>
          {way === 'path' ? 'Up' : 'Expression'}
          <ExpressionField
            key={way}
            label={way === 'path' ? 'Up' : 'Expression'}
            autoFocus
            text={up}
            onWrite={setUp}
            placeholder={way === 'path' ? 'sin(u)' : 'x^2/2'}
            {...over}
          />
        </div>
        <div className={styles.row}>
          <label className={styles.field}>
            {way === 'path' ? 'Parameter' : 'Variable'}
            <Input
              className={styles.mono}
              value={variable}
              onChange={(event) => setVariable(event.target.value)}
              style={{ width: 110 }}
            />
          </label>
          <label className={styles.field}>
            From
            <Input value={from} onChange={(event) => setFrom(event.target.value)} style={{ width: 130 }} />
          </label>
          <label className={styles.field}>
            To
            <Input value={to} onChange={(event) => setTo(event.target.value)} style={{ width: 130 }} />
          </label>
        </div>
        <p className={styles.says}>
          It may use names and cells of this worksheet, and follows when they change. From and to may carry a unit.
        </p>
        <div className={styles.acts}>
          <Button htmlType="submit" type="primary" disabled={!isReady}>
            Draw it
          </Button>
        </div>
      </form>
    </Modal>
  )
}
