import { Button, Drawer } from 'antd'
import { useState } from 'react'
import { useComparison, useHistory } from '../api/queries'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import { usePanel } from '../worksheet/usePanel'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import { useLookBack } from '../worksheet/useLookBack'
import styles from './History.module.css'

const dayOf = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'full' })
const timeOf = (at: string) => new Date(at).toLocaleTimeString('en-GB')

/** Every change with its time and words; each earlier state can be looked at, compared with now, and brought back. */
export function History() {
  const { worksheet } = useOpenWorksheet()
  const { data: past = [] } = useHistory(worksheet.id)
  const { close } = usePanel()
  const { lookBack } = useLookBack()
  const [compared, setCompared] = useState<number | null>(null)
  const days = [...new Set(past.map((change) => dayOf(change.at)))]

  return (
    <Drawer open mask={false} title="History" size={420} onClose={close}>
      {past.length === 0 && <p className={styles.none}>Nothing has been changed yet.</p>}
      {days.map((day) => (
        <section key={day} aria-label={day}>
          <h3 className={styles.day}>{day}</h3>
          <ol className={styles.list}>
            {past
              .filter((change) => dayOf(change.at) === day)
              .map((change) => (
                <li key={change.revision} className={styles.change}>
                  <span className={styles.time}>{timeOf(change.at)}</span>
                  <span>{change.says}</span>
                  <span className={styles.acts}>
                    <Button
                      size="small"
                      type="link"
                      onClick={() => {
                        lookBack(change.revision)
                        close()
                      }}
                    >
                      Look
                    </Button>
                    <Button
                      size="small"
                      type="link"
                      aria-expanded={compared === change.revision}
                      onClick={() => setCompared(compared === change.revision ? null : change.revision)}
                    >
                      Compare
                    </Button>
                  </span>
                  {compared === change.revision && <Compared revision={change.revision} />}
                </li>
              ))}
          </ol>
        </section>
      ))}
    </Drawer>
  )
}

/** What is different now, with the way back. */
function Compared({ revision }: { readonly revision: number }) {
  const { worksheet, restore } = { ...useOpenWorksheet(), ...useLookBack() }
  const { data } = useComparison(worksheet.id, revision)
  const show = useWorksheetStore((state) => state.show)
  if (!data) return null
  if (data.count === 0) return <p className={styles.none}>No cell is different now.</p>
  return (
    <div className={styles.compared}>
      <table>
        <thead>
          <tr>
            <th scope="col">Cell</th>
            <th scope="col">Then</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {data.cells.map((cell) => (
            <tr key={`${cell.grid}!${cell.address}`}>
              <td>
                <button
                  type="button"
                  title={`${cell.gridTitle} ${cell.address}`}
                  onClick={() => {
                    show(null)
                    goTo(cell.grid, areaOf(cell.address))
                  }}
                >
                  {cell.called}
                </button>
              </td>
              <td>{cell.before || 'empty'}</td>
              <td>{cell.after || 'empty'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.count > data.cells.length && <p className={styles.none}>and {data.count - data.cells.length} more</p>}
      <Button
        size="small"
        onClick={() =>
          void restore(revision).then(
            () => show(null),
            () => undefined,
          )
        }
      >
        Bring this state back
      </Button>
    </div>
  )
}
