import { useMutation } from '@tanstack/react-query'
import { Button, Checkbox, Modal, Radio } from 'antd'
import { useState } from 'react'
import { selectedCells } from '../commands/selected'
import { printPage } from '../drawing/printPage'
import { addressesIn, type Area } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { usePanel } from '../worksheet/usePanel'
import { paged } from './paged'
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
      const read = await paged(worksheet, at, {
        format: 'HTML',
        formulas: hasFormulas,
        ...(hasWorking ? { working } : {}),
      })
      printPage(worksheet.title, (page) => {
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
