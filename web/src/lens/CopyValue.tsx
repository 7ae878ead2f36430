import { App } from 'antd'
import type { Result } from '../api/types'
import styles from './Lens.module.css'
import { copied } from '../typeset/copies'

/** Puts a value on the clipboard: all of it, or, as a separate act, only what is shown. */
export function CopyValue({ result }: { readonly result: Result }) {
  const { message } = App.useApp()
  const copy = (text: string, said: string, isLoss: boolean) =>
    navigator.clipboard.writeText(text).then(
      () => void (isLoss ? message.warning(said, 8) : message.success(said)),
      () => void message.error('The browser keeps its clipboard closed to this page.'),
    )
  const full = copied(result)
  const shown = result.display

  return (
    <p className={styles.copies}>
      <button type="button" onClick={() => void copy(full, `Copied ${shortened(full)}, all of it.`, false)}>
        Copy value
      </button>
      <button
        type="button"
        onClick={() =>
          void copy(
            shown,
            `Copied ${shortened(shown)} as shown.` +
              (result.dropsDigits ? ` Digits are lost: the value is ${shortened(full)}.` : ''),
            result.dropsDigits,
          )
        }
      >
        Copy as shown
      </button>
      {result.dropsDigits && <span>shows fewer digits than it has</span>}
    </p>
  )
}

const LONG = 60

function shortened(text: string): string {
  return text.length > LONG ? `${text.slice(0, LONG)}…` : text
}
