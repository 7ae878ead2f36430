import { Button, Input, Modal } from 'antd'
import { useState } from 'react'
import { usePreview } from '../api/queries'
import { selectedCells } from '../commands/selected'
import { lettersOf } from '../sheet/address'
import { NOWHERE } from '../sheet/nowhere'
import { Words } from '../typeset/Words'
import { useOpenWorksheet } from '../worksheet/context'
import { usePanel } from '../worksheet/usePanel'
import styles from './Panel.module.css'

/** The unit of the selected columns: their quantities are shown in it, and bare numbers that are typed take it. */
export function UnitPanel() {
  const { worksheet, grids, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const [selected] = useState(() => selectedCells(grids))
  const letters = selected
    ? Array.from({ length: selected.area.last.column - selected.area.first.column + 1 }, (_, index) =>
        lettersOf(selected.area.first.column + index),
      )
    : []
  const old = selected?.grid.styles[letters[0] ?? ''] ?? ''
  const [text, setText] = useState(old.startsWith('in ') ? old.slice(3) : '')
  const unit = text.trim()
  const { data: preview, isPlaceholderData } = usePreview(worksheet.id, {
    grid: selected?.grid.id ?? '',
    address: NOWHERE,
    entry: unit === '' ? '' : `=1 ${unit} to ${unit}`,
  })
  if (!selected) return null
  const error = unit === '' || isPlaceholderData ? undefined : preview?.calculation.error
  const finish = () => {
    if (error) return
    const rest = Object.fromEntries(Object.entries(selected.grid.styles).filter(([key]) => !letters.includes(key)))
    const own = unit === '' ? [] : letters.map((letter) => [letter, `in ${unit}`] as const)
    keep([{ do: 'changeBlock', block: { ...selected.grid, styles: { ...rest, ...Object.fromEntries(own) } } }]).then(
      close,
      () => undefined,
    )
  }
  return (
    <Modal
      open
      title={
        letters.length === 1 ? `Unit of column ${letters[0]}` : `Unit of columns ${letters[0]} to ${letters.at(-1)}`
      }
      footer={null}
      onCancel={close}
      width={420}
    >
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          finish()
        }}
      >
        <label className={styles.field}>
          Unit
          <Input
            autoFocus
            className={styles.mono}
            value={text}
            placeholder="kg"
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        {error && (
          <p className={styles.wrong} role="alert">
            <Words text={error.message} />
          </p>
        )}
        <p className={styles.says}>
          Numbers typed in this column from now on take the unit, and quantities of its kind are shown in it. Leave it
          empty for no unit. What stands here already stays as it is typed.
        </p>
        <div className={styles.acts}>
          <Button htmlType="submit" type="primary" disabled={error !== undefined && error !== null}>
            {unit === '' ? 'No unit' : 'Use it'}
          </Button>
        </div>
      </form>
    </Modal>
  )
}
