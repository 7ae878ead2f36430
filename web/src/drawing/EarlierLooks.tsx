import type { Chart, EarlierLook } from '../api/types'
import { useLookBack } from '../worksheet/useLookBack'
import { useChartStore, type Looking } from '../chart/chartStore'
import styles from './EarlierLooks.module.css'
import { Thumbnail } from './Thumbnail'

interface Props {
  readonly chart: Chart
  /** The newest first, which is the look of now. */
  readonly looks: readonly EarlierLook[]
}

const time = (at: string) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

/** The looks that a chart has had: step through them, put one beside or under the one of now, bring one back. */
export function EarlierLooks({ chart, looks }: Props) {
  const { lookAgain } = useLookBack()
  const looking = useChartStore((state) => (state.looking?.chart === chart.id ? state.looking : null))
  const look = useChartStore((state) => state.look)
  const index = looking?.index ?? 0
  const way = looking?.way ?? 'alone'
  const to = (next: number, as: Looking['way'] = way) =>
    look({ chart: chart.id, index: next, way: next === 0 ? 'alone' : as })
  const chosen = looks[index]

  return (
    <div className={styles.strip} role="group" aria-label="Earlier looks">
      <span className={styles.title}>Earlier looks</span>
      <div className={styles.looks}>
        {looks.map((each, at) => (
          <button
            key={each.revision}
            type="button"
            className={styles.look}
            aria-pressed={at === index}
            onClick={() => to(at)}
          >
            <Thumbnail data={each.data} />
            <span className={styles.when}>{at === 0 ? 'now' : time(each.at)}</span>
            <span className={styles.reason}>{each.reason}</span>
          </button>
        ))}
      </div>
      <div className={styles.acts}>
        <button type="button" disabled={index >= looks.length - 1} onClick={() => to(index + 1)}>
          earlier <kbd>Alt ,</kbd>
        </button>
        <button type="button" disabled={index === 0} onClick={() => to(index - 1)}>
          later <kbd>Alt .</kbd>
        </button>
        <button
          type="button"
          aria-pressed={way === 'beside'}
          onClick={() => to(Math.max(1, index), way === 'beside' ? 'alone' : 'beside')}
        >
          side by side
        </button>
        <button
          type="button"
          aria-pressed={way === 'over'}
          onClick={() => to(Math.max(1, index), way === 'over' ? 'alone' : 'over')}
        >
          one over the other
        </button>
        <button
          type="button"
          disabled={index === 0 || !chosen}
          onClick={() =>
            chosen &&
            lookAgain(chart.id, chosen.revision).then(
              () => look(null),
              () => undefined,
            )
          }
        >
          bring this look back
        </button>
      </div>
    </div>
  )
}
