import type { Echo } from '../api/types'
import { atOf } from '../grid/address'
import { useWorksheetStore } from '../worksheet/store'
import styles from './EchoLines.module.css'

/** What followed from the last change: before and after, each with a jump to its cell. */
export function EchoLines({ echo }: { readonly echo: Echo }) {
  const select = useWorksheetStore((state) => state.select)
  return (
    <div>
      <p className={styles.message}>{echo.message}</p>
      {echo.results.length > 0 && (
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Result</th>
              <th scope="col">Before</th>
              <th scope="col">Now</th>
            </tr>
          </thead>
          <tbody>
            {echo.results.map((line) => (
              <tr key={`${line.grid}!${line.address}`}>
                <td>
                  <button
                    type="button"
                    title={`${line.gridTitle} ${line.address}`}
                    onClick={() => {
                      const at = atOf(line.address)
                      document.getElementById(`block-${line.grid}`)?.scrollIntoView({ block: 'nearest' })
                      select({ kind: 'cells', grid: line.grid, anchor: at, focus: at })
                    }}
                  >
                    {line.called}
                  </button>
                </td>
                <td>{line.before}</td>
                <td>{line.after}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  )
}
