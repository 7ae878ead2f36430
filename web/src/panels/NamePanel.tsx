import { Button, Input, Modal } from 'antd'
import { useState } from 'react'
import { usePreview } from '../api/queries'
import { selectedCells } from '../commands/selected'
import { areaText } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { Words } from '../typeset/Words'
import { usePanel } from '../worksheet/usePanel'

/** A cell far out, for asking whether a name is free. */
const NOWHERE = 'ZZZ1000000'

/** Gives the selected cells a name, or another one; whether it is free is told while it is typed. */
export function NamePanel() {
  const { worksheet, grids, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const area = selected ? areaText(selected.area) : ''
  const old = worksheet.names.find((name) => name.grid === selected?.grid.id && name.area === area)?.name ?? ''
  const [text, setText] = useState(old)
  const name = text.trim()
  const isOld = name.toLowerCase() === old.toLowerCase()
  // An entry that gives this name is refused for the same reasons as the name itself.
  const asked = name === '' || isOld ? '' : `${name} = 1`
  const { data: preview, isPlaceholderData } = usePreview(worksheet.id, {
    grid: selected?.grid.id ?? '',
    address: NOWHERE,
    entry: asked,
  })
  if (!selected) return null

  const isName = /^\p{L}[\p{L}\p{M}\d_]*$/u.test(name)
  // Enter may come before the answer: then the server has the last word.
  const said = isPlaceholderData ? undefined : preview?.calculation.error?.message
  const wrong =
    name === '' || isOld ? '' : isName ? (said ?? '') : 'A name starts with a letter and has letters, digits and `_`.'
  const canKeep = name !== '' && wrong === ''

  const finish = () => {
    if (!canKeep) return
    const target = { grid: selected.grid.id, area }
    keep([old === '' ? { do: 'define', name, target } : { do: 'rename', name: old, to: name }]).then(
      close,
      () => undefined,
    )
  }

  return (
    <Modal open title={old === '' ? `Name ${area}` : `Rename ${old}`} footer={null} onCancel={close} width={460}>
      <div className={styles.form}>
        <Input
          aria-label="name"
          className={styles.mono}
          autoFocus
          value={text}
          status={wrong === '' ? '' : 'error'}
          onChange={(event) => setText(event.target.value)}
          onPressEnter={finish}
        />
        <p className={wrong === '' ? styles.says : styles.wrong} role="status">
          <Words text={wrong || (old === '' ? 'Formulas can then use the name.' : 'Formulas that use it follow.')} />
        </p>
        <div className={styles.acts}>
          {old !== '' && (
            <Button onClick={() => keep([{ do: 'define', name: old, target: null }]).then(close, () => undefined)}>
              Take the name away
            </Button>
          )}
          <Button type="primary" disabled={!canKeep} onClick={finish}>
            Keep
          </Button>
        </div>
      </div>
    </Modal>
  )
}
