import type { Echo } from '../api/types'
import { useWorksheetStore } from '../worksheet/store'
import { EchoLines } from './EchoLines'
import styles from './EchoLines.module.css'

/** The button at the foot that opens the list. */
export const SEE_THEM = 'see-what-followed'

/** What followed from the last change, beside the page; Esc or its button closes it. */
export function EchoList({ echo }: { readonly echo: Echo }) {
  const toggle = useWorksheetStore((state) => state.toggle)
  const close = () => {
    toggle('echoOpen')
    document.getElementById(SEE_THEM)?.focus()
  }
  return (
    <section
      className={styles.list}
      aria-label="What followed"
      onKeyDown={(event) => {
        if (event.key === 'Escape') close()
      }}
    >
      <header className={styles.head}>
        <h2>Last change</h2>
        <button type="button" onClick={close}>
          close <kbd>Esc</kbd>
        </button>
      </header>
      <EchoLines echo={echo} />
    </section>
  )
}
