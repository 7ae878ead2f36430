import { Button } from 'antd'
import { memo } from 'react'
import { useOpenWorksheet } from '../worksheet/context'
import { SEE_THEM } from '../echo/EchoList'
import { useWorksheetStore } from '../worksheet/store'
import { useUnkept } from '../worksheet/useUnkept'
import styles from './Foot.module.css'
import { ScratchLine } from './ScratchLine'

/** What waits until the program answers again. */
const waitingText = (count: number) =>
  `The program does not answer. ${count === 1 ? '1 change is' : `${count} changes are`} not kept yet; ${
    count === 1 ? 'it is' : 'they are'
  } sent when it answers.`

/** The scratch line on the left, the echo on the right. */
export const Foot = memo(function Foot() {
  const echo = useWorksheetStore((state) => state.echo)
  const open = useWorksheetStore((state) => state.echoOpen)
  const toggle = useWorksheetStore((state) => state.toggle)
  const { worksheet } = useOpenWorksheet()
  const unkept = useUnkept(worksheet.id)

  return (
    <footer className={styles.foot}>
      <ScratchLine />
      <div className={styles.echo} role="status">
        {unkept.length > 0 ? (
          <span className={styles.waiting}>{waitingText(unkept.length)}</span>
        ) : (
          echo && (
            <>
              <span className={styles.dot} aria-hidden="true" />
              <span className={styles.message}>{echo.message}</span>
              {echo.results.length > 0 && (
                <Button
                  type="link"
                  size="small"
                  id={SEE_THEM}
                  aria-expanded={open}
                  onClick={() => toggle('echoOpen')}
                  onKeyDown={(event) => event.key === 'Escape' && open && toggle('echoOpen')}
                >
                  {open ? 'close' : 'see them'}
                </Button>
              )}
            </>
          )
        )}
      </div>
    </footer>
  )
})
