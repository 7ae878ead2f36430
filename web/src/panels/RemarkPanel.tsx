import { Button, Input, Modal } from 'antd'
import { useState } from 'react'
import { selectedCells } from '../commands/selected'
import { addressOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { draftOf, drafts } from '../worksheet/drafts'
import { useWorksheetStore } from '../worksheet/store'
import { useNotices } from '../worksheet/useNotices'
import styles from './Panel.module.css'
import { usePanel } from '../worksheet/usePanel'

/** The remark on the selected cell. */
export function RemarkPanel() {
  const { worksheet, grids, keep } = useOpenWorksheet()
  const notices = useNotices()
  const show = useWorksheetStore((state) => state.show)
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const address = selected ? addressOf(selected.focus) : ''
  const kept = selected?.grid.remarks[address] ?? ''
  const place = draftOf.remark(selected?.grid.id ?? '', address)
  const [text, setText] = useState(() => drafts.read(worksheet.id, place) ?? kept)
  const write = (next: string) => {
    setText(next)
    drafts.write(worksheet.id, place, next)
  }
  const forget = () => drafts.forget(worksheet.id, place)
  if (!selected) return null

  const finish = (remark: string) => {
    const rest = Object.fromEntries(Object.entries(selected.grid.remarks).filter(([cell]) => cell !== address))
    const remarks = remark.trim() === '' ? rest : { ...rest, [address]: remark.trim() }
    const sent = drafts.read(worksheet.id, place)
    keep([{ do: 'changeBlock', block: { ...selected.grid, remarks } }])
      .then(() => {
        if (drafts.read(worksheet.id, place) !== sent) return // it was written on since
        forget()
        close()
      })
      .catch(() => undefined)
  }
  /** Leaves the remark as it was; what was written is offered again. */
  const leave = () => {
    close()
    if (text === kept) forget()
    else notices.keep(`What you wrote about ${address} is not kept.`, 'Write on', () => show({ kind: 'remark' }))
  }

  return (
    <Modal open title={`Remark on ${address}`} footer={null} onCancel={leave} width={460}>
      <div className={styles.form}>
        <Input.TextArea
          aria-label="remark"
          autoFocus
          rows={4}
          value={text}
          onChange={(event) => write(event.target.value)}
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
