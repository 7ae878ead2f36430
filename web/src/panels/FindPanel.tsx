import { Button, Checkbox, Input, Modal } from 'antd'
import { useState } from 'react'
import { useFound } from '../api/queries'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import { useNotices } from '../worksheet/useNotices'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { usePanel } from '../worksheet/usePanel'

function countText(count: number): string {
  if (count === 0) return 'No cell has it.'
  return count === 1 ? 'One cell has it.' : `${count} cells have it.`
}

/** Finds a text in entries and values; replaces it in entries. */
export function FindPanel() {
  const { worksheet, at, act } = useOpenWorksheet()
  const { close } = usePanel()
  const notices = useNotices()
  const [text, setText] = useState('')
  const [other, setOther] = useState('')
  const [matchCase, setMatchCase] = useState(false)
  const { data } = useFound(worksheet.id, text, matchCase)
  const found = text === '' ? [] : (data ?? [])

  const replace = () =>
    act({ do: 'replace', grid: null, find: text, with: other, matchCase }).then(
      (kept) => notices.tell(kept.echo.message),
      () => undefined,
    )

  return (
    <Modal open title="Find and replace" footer={null} onCancel={close} width={560}>
      <div className={styles.form}>
        <Input
          aria-label="find"
          autoFocus
          placeholder="in entries and values"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onPressEnter={() => {
            const [first] = found
            if (first) {
              goTo(first.grid, areaOf(first.address))
              close()
            }
          }}
        />
        <div className={styles.row}>
          <Input
            aria-label="replace with"
            placeholder="replace in entries with"
            style={{ width: 260 }}
            value={other}
            onChange={(event) => setOther(event.target.value)}
          />
          <Button disabled={found.length === 0 || at !== null} onClick={() => void replace()}>
            Replace all
          </Button>
          <Checkbox checked={matchCase} onChange={(event) => setMatchCase(event.target.checked)}>
            match capitals
          </Checkbox>
        </div>
        <p className={styles.says} role="status">
          {text === '' ? ' ' : countText(found.length)}
        </p>
        <ul className={styles.list}>
          {found.map((cell) => (
            <li key={`${cell.grid}!${cell.address}`}>
              <button
                type="button"
                onClick={() => {
                  goTo(cell.grid, areaOf(cell.address))
                  close()
                }}
              >
                <span className={styles.where}>
                  {cell.gridTitle} {cell.address}
                </span>
                <code>{cell.entry}</code>
                <span>{cell.display}</span>
              </button>
            </li>
          ))}
        </ul>
      </div>
    </Modal>
  )
}
