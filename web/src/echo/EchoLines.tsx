import type { Echo, EchoLine } from '../api/types'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import styles from './EchoLines.module.css'

/** What followed from the last change: before and after, each with a jump to its cell. */
export function EchoLines({ echo }: { readonly echo: Echo }) {
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
          {byGrid(echo.results).map(([title, lines]) => (
            <tbody key={lines[0]?.grid}>
              <tr>
                <th scope="rowgroup" colSpan={3} className={styles.grid}>
                  {title}
                </th>
              </tr>
              {lines.map((line) => (
                <tr key={line.address}>
                  <td>
                    <button
                      type="button"
                      title={`${line.gridTitle} ${line.address}`}
                      onClick={() => goTo(line.grid, areaOf(line.address))}
                    >
                      {line.called}
                    </button>
                  </td>
                  <td>{line.before}</td>
                  <td data-failed={line.failed}>{line.after}</td>
                </tr>
              ))}
            </tbody>
          ))}
        </table>
      )}
    </div>
  )
}

/** The lines of each grid together, the grids in the order in which they come first. */
function byGrid(lines: readonly EchoLine[]): readonly (readonly [string, readonly EchoLine[]])[] {
  const groups = new Map<string, EchoLine[]>()
  for (const line of lines) groups.set(line.grid, [...(groups.get(line.grid) ?? []), line])
  return [...groups.values()].map((group) => [group[0]?.gridTitle ?? '', group])
}
