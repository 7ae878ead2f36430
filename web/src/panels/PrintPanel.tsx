import { useMutation } from '@tanstack/react-query'
import { Button, Checkbox, Modal, Radio } from 'antd'
import { useState } from 'react'
import { api } from '../api/client'
import { WHOLE } from '../api/queries'
import type { Chart } from '../api/types'
import { selectedCells } from '../commands/selected'
import { printPage } from '../drawing/printPage'
import { addressesIn, type Area } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { usePanel } from '../worksheet/usePanel'
import styles from './Panel.module.css'

type Paper = 'A4' | 'letter'

const MOST_WORKED = 200

/** The worksheet on paper, or as a PDF where the browser prints into one: how, and with what. */
export function PrintPanel() {
  const { worksheet, at, grids } = useOpenWorksheet()
  const { close } = usePanel()
  const [paper, setPaper] = useState<Paper>('A4')
  const [isColoured, setColoured] = useState(true)
  const [hasFormulas, setFormulas] = useState(false)
  const [hasWorking, setWorking] = useState(false)
  const selected = selectedCells(grids)
  const working = selected ? cellsOf(selected.area).map((cell) => `${selected.grid.id}:${cell}`) : []
  const print = useMutation({
    mutationFn: async () => {
      const text = await api.page(worksheet.id, {
        format: 'HTML',
        formulas: hasFormulas,
        ...(at === null ? {} : { at }),
        ...(hasWorking ? { working } : {}),
      })
      const charts = worksheet.sections.flatMap(({ blocks }) => blocks).filter((block) => block.kind === 'chart')
      const pictures = await Promise.all(charts.map((chart) => pictureOf(worksheet.id, at, chart)))
      printPage(worksheet.title, (page) => {
        const read = new DOMParser().parseFromString(text, 'text/html')
        pictures.forEach(([id, picture]) => {
          read.querySelector(`[data-chart="${CSS.escape(id)}"]`)?.insertAdjacentHTML('afterbegin', picture)
        })
        page.replaceChild(page.importNode(read.documentElement, true), page.documentElement)
        page.head.insertAdjacentHTML(
          'beforeend',
          `<style>@page { size: ${paper}; margin: 18mm } ${isColoured ? '' : 'html { filter: grayscale(1) }'}</style>`,
        )
      })
    },
    onSuccess: close,
  })

  return (
    <Modal open title="Print" footer={null} onCancel={close} width={460}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          print.mutate()
        }}
      >
        <Radio.Group
          aria-label="Paper"
          value={paper}
          onChange={(event) => setPaper(event.target.value === 'letter' ? 'letter' : 'A4')}
          options={[
            { label: 'A4', value: 'A4' },
            { label: 'Letter', value: 'letter' },
          ]}
        />
        <Checkbox checked={!isColoured} onChange={(event) => setColoured(!event.target.checked)}>
          black and white
        </Checkbox>
        <Checkbox checked={hasFormulas} onChange={(event) => setFormulas(event.target.checked)}>
          formulas below each grid
        </Checkbox>
        <Checkbox
          checked={hasWorking}
          disabled={working.length === 0 || working.length > MOST_WORKED}
          onChange={(event) => setWorking(event.target.checked)}
        >
          the working of the selected {working.length === 1 ? 'cell' : 'cells'}, at the end
        </Checkbox>
        <p className={styles.says}>
          The browser prints it, or keeps it as a PDF. Rows and charts are not cut; headings stand on each page.
        </p>
        {print.error && (
          <p role="alert" className={styles.wrong}>
            {print.error.message}
          </p>
        )}
        <div>
          <Button autoFocus type="primary" htmlType="submit" loading={print.isPending}>
            Print …
          </Button>
        </div>
      </form>
    </Modal>
  )
}

function cellsOf({ first, last }: Area): readonly string[] {
  const count = (last.row - first.row + 1) * (last.column - first.column + 1)
  return count > MOST_WORKED ? [] : addressesIn({ first, last })
}

async function pictureOf(worksheet: string, at: number | null, chart: Chart): Promise<readonly [string, string]> {
  const [{ svgOf }, data] = await Promise.all([
    import('../drawing/handOver'),
    api.chart(worksheet, at, chart.id, WHOLE),
  ])
  return [chart.id, await svgOf(chart, data)]
}
