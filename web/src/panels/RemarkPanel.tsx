import { Button, Input, Modal } from 'antd'
import { useState } from 'react'
import { selectedCells } from '../commands/selected'
import { addressOf } from '../grid/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { usePanel } from './usePanel'

/** The remark on the selected cell. */
export function RemarkPanel() {
  const { grids, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const address = selected ? addressOf(selected.focus) : ''
  const kept = selected?.grid.remarks[address] ?? ''
  const [text, setText] = useState(kept)
  if (!selected) return null

  const finish = (remark: string) => {
    const rest = Object.fromEntries(Object.entries(selected.grid.remarks).filter(([cell]) => cell !== address))
    const remarks = remark.trim() === '' ? rest : { ...rest, [address]: remark.trim() }
    keep([{ do: 'changeBlock', block: { ...selected.grid, remarks } }]).then(close, () => undefined)
  }

  return (
    <Modal open title={`Remark on ${address}`} footer={null} onCancel={close} width={460}>
      <div className={styles.form}>
        <Input.TextArea
          aria-label="remark"
          autoFocus
          rows={4}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onPressEnter={(event) => {
            if (event.ctrlKey || event.metaKey) finish(text)
          }}
        />
        <div className={styles.acts}>
          {kept !== '' && <Button onClick={() => finish('')}>Take it away</Button>}
          <Button type="primary" onClick={() => finish(text)}>
            Keep
          </Button>
        </div>
      </div>
    </Modal>
  )
}
