import { Button, Input, Select } from 'antd'
import { useState } from 'react'
import type { Chart } from '../api/types'
import { useChartStore } from '../chart/chartStore'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Lens.module.css'

const COUNT = 41

/** Which input runs through which values, with the chart. */
export function ChartRun({ chart }: { readonly chart: Chart }) {
  const { worksheet } = useOpenWorksheet()
  // Typed values first: those are what people try.
  const inputs = worksheet.names
    .filter((name) => !name.area.includes(':'))
    .toSorted((a, b) => Number(a.calculated) - Number(b.calculated))
  const start = useChartStore((state) => state.start)
  const [input, setInput] = useState(inputs[0]?.name ?? '')
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('')
  const value = inputs.find((name) => name.name === input)?.display ?? ''
  if (inputs.length === 0) {
    return (
      <>
        <h2 className={styles.label}>Run through</h2>
        <p className={styles.empty}>Name a value, and the chart can run through others in its place.</p>
      </>
    )
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        start(chart.id, { input, from, to, count: COUNT })
        // The bar that plays it stands below the chart.
        requestAnimationFrame(() => document.getElementById(`block-${chart.id}`)?.scrollIntoView({ block: 'nearest' }))
      }}
    >
      <h2 className={styles.label}>Run through</h2>
      <div className={styles.runs}>
        <Select
          size="small"
          aria-label="Input that runs"
          value={input}
          onChange={setInput}
          options={inputs.map((name) => ({ value: name.name, label: name.name }))}
          style={{ minWidth: 96 }}
        />
        <Input
          size="small"
          aria-label="First value"
          placeholder="half"
          title={value === '' ? 'First value' : `First value; half of ${value} where nothing is written`}
          value={from}
          onChange={(event) => setFrom(event.target.value)}
        />
        to
        <Input
          size="small"
          aria-label="Last value"
          placeholder="double"
          title={value === '' ? 'Last value' : `Last value; the double of ${value} where nothing is written`}
          value={to}
          onChange={(event) => setTo(event.target.value)}
        />
        <Button size="small" htmlType="submit">
          Run
        </Button>
      </div>
    </form>
  )
}
