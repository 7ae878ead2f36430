import { Button } from 'antd'
import { useRef, memo } from 'react'
import { EchoLines } from '../echo/EchoLines'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Foot.module.css'
import { ScratchLine } from './ScratchLine'

/** The scratch line on the left, the echo on the right. */
export const Foot = memo(function Foot() {
  const echo = useWorksheetStore((state) => state.echo)
  const open = useWorksheetStore((state) => state.echoOpen)
  const toggle = useWorksheetStore((state) => state.toggle)
  const button = useRef<HTMLButtonElement>(null)

  return (
    <footer className={styles.foot}>
      <ScratchLine />
      <div className={styles.echo} role="status">
        {echo && (
          <>
            <span className={styles.dot} aria-hidden="true" />
            <span className={styles.message}>{echo.message}</span>
            {echo.results.length > 0 && (
              <Button ref={button} type="link" size="small" aria-expanded={open} onClick={() => toggle('echoOpen')}>
                {open ? 'close' : 'see them'}
              </Button>
            )}
          </>
        )}
      </div>
      {open && echo && (
        <section
          className={styles.list}
          aria-label="What followed"
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return
            toggle('echoOpen')
            button.current?.focus()
          }}
        >
          <EchoLines echo={echo} />
        </section>
      )}
    </footer>
  )
})
