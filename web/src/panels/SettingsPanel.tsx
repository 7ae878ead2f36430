import { Modal, Radio, Switch } from 'antd'
import type { Settings } from '../api/types'
import { setLook, useChosenLook } from '../theme/look'
import { useOpenWorksheet } from '../worksheet/context'
import styles from './Panel.module.css'
import { StyleChoice } from './StyleChoice'
import { usePanel } from '../worksheet/usePanel'

/** How numbers are read and shown in this worksheet, and how the program looks in this browser. */
export function SettingsPanel() {
  const { worksheet, at, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const look = useChosenLook()
  const { settings } = worksheet
  const change = (part: Partial<Settings>) =>
    void keep([{ do: 'changeSettings', settings: { ...settings, ...part } }]).catch(() => undefined)

  return (
    <Modal open title="Settings" footer={null} onCancel={close} width={520}>
      <fieldset className={styles.form} disabled={at !== null} style={{ border: 0, padding: 0, margin: 0 }}>
        <div className={styles.field}>
          A plain number as an angle is in
          <Radio.Group
            aria-label="Unit of angles"
            value={settings.degrees}
            onChange={(event) => change({ degrees: event.target.value === true })}
            options={[
              { label: 'radians', value: false },
              { label: 'degrees', value: true },
            ]}
          />
        </div>
        <div className={styles.field}>
          Decimal mark
          <Radio.Group
            aria-label="Decimal mark"
            value={settings.comma}
            onChange={(event) => change({ comma: event.target.value === true })}
            options={[
              { label: 'point: 1.5', value: false },
              { label: 'comma: 1,5, and ; between arguments', value: true },
            ]}
          />
        </div>
        <label className={styles.row}>
          <Switch
            aria-label="Group digits by three"
            checked={settings.grouped}
            onChange={(grouped) => change({ grouped })}
          />
          Group digits by three: 12 500
        </label>
        <label className={styles.row}>
          <Switch
            aria-label="Show where digits are dropped"
            checked={settings.dropped}
            onChange={(dropped) => change({ dropped })}
          />
          Show where digits are dropped: ≈ 2.333333333
        </label>
        <label className={styles.row}>
          <Switch aria-label="Complex answers" checked={settings.complex} onChange={(complex) => change({ complex })} />
          Complex answers: √(−4) is 2i
        </label>
        <div className={styles.field}>
          Numbers without a style of their own
          <StyleChoice style={settings.style} onChoose={(style) => change({ style })} />
        </div>
        <div className={styles.field}>
          Look, in this browser
          <Radio.Group
            aria-label="Look"
            value={look}
            onChange={(event) => {
              const value: unknown = event.target.value
              setLook(value === 'light' || value === 'dark' ? value : 'system')
            }}
            options={[
              { label: 'light', value: 'light' },
              { label: 'dark', value: 'dark' },
              { label: 'as the system says', value: 'system' },
            ]}
          />
        </div>
      </fieldset>
    </Modal>
  )
}
