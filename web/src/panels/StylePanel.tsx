import { Button, Modal } from 'antd'
import { useState } from 'react'
import { useCell } from '../api/queries'
import { linesOf, selectedCells } from '../commands/selected'
import { addressOf, areaText } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { StyleChoice } from './StyleChoice'
import { usePanel } from '../worksheet/usePanel'
import { styleOf, useStyles } from './useStyles'

/** The number style of the selected cells, with how their value looks in it. It never changes the value. */
export function StylePanel() {
  const { worksheet, grids } = useOpenWorksheet()
  const { close } = usePanel()
  const give = useStyles()
  const [selected] = useState(() => selectedCells(grids))
  const grid = grids.find((each) => each.id === selected?.grid.id)
  const { data } = useCell(worksheet.id, null, grid?.id ?? '', selected ? addressOf(selected.focus) : 'A1', !!selected)
  if (!selected || !grid) return null
  const now = { ...selected, grid }

  return (
    <Modal open title={`Number style of ${areaText(now.area)}`} footer={null} onCancel={close} width={460}>
      <div className={styles.form}>
        <StyleChoice
          autoFocus
          style={styleOf(now)}
          onChoose={(style) => void give(now, style).catch(() => undefined)}
        />
        {data && <output className={styles.sample}>{data.cell.display || 'empty'}</output>}
        <p className={styles.says}>
          {linesOf(now) === 'columns' ? 'Kept for the whole columns.' : 'Only the look changes; all digits stay.'}
        </p>
        <div className={styles.acts}>
          <Button onClick={close} type="primary">
            Done
          </Button>
        </div>
      </div>
    </Modal>
  )
}
