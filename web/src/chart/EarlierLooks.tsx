import type { Chart, ChartData, EarlierLook } from '../api/types'
import { useLookBack } from '../worksheet/useLookBack'
import { useChartStore, type Looking } from './chartStore'
import styles from './EarlierLooks.module.css'

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
        <button
          type="button"
          aria-label="Earlier look"
          disabled={index >= looks.length - 1}
          onClick={() => to(index + 1)}
        >
          earlier <kbd>Alt ,</kbd>
        </button>
        <button type="button" aria-label="Later look" disabled={index === 0} onClick={() => to(index - 1)}>
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

const WIDTH = 84
const HEIGHT = 30

/** The first series of a look, very small. */
function Thumbnail({ data }: { readonly data: ChartData }) {
  const place = (at: number, { least, most }: ChartData['up']['scale'], size: number) =>
    ((at - least) / (most - least)) * size
  if (data.table) return <Fields values={data.table.values} scale={data.table.height.scale} />
  return (
    <svg className={styles.thumbnail} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      {data.series.slice(0, 4).map((series, index) => {
        const points = series.points
          .filter((point) => point.up !== null)
          .map((point) => ({
            x: place(point.across, data.across.scale, WIDTH),
            y: HEIGHT - place(point.up ?? 0, (series.onRight && data.right ? data.right : data.up).scale, HEIGHT),
          }))
        const colour = `var(--series-${index})`
        return series.shape === 'POINTS' ? (
          points.map(({ x, y }, at) => <circle key={`${index} ${at}`} cx={x} cy={y} r="1.3" fill={colour} />)
        ) : series.shape === 'BARS' ? (
          points.map(({ x, y }, at) => (
            <rect key={`${index} ${at}`} x={x - 2} y={y} width="4" height={HEIGHT - y} fill={colour} />
          ))
        ) : (
          <polyline key={index} points={points.map(({ x, y }) => `${x},${y}`).join(' ')} fill="none" stroke={colour} />
        )
      })}
    </svg>
  )
}

/** A two-way table, very small: darker is more. */
function Fields({
  values,
  scale,
}: {
  readonly values: readonly (readonly (number | null)[])[]
  readonly scale: ChartData['up']['scale']
}) {
  const across = values[0]?.length ?? 1
  return (
    <svg
      className={styles.thumbnail}
      viewBox={`0 0 ${across} ${values.length}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {values.flatMap((row, at) =>
        row.map((value, column) => (
          <rect
            key={`${at} ${column}`}
            x={column}
            y={values.length - 1 - at}
            width="1"
            height="1"
            fill="var(--ramp-3)"
            opacity={value === null ? 0 : (value - scale.least) / (scale.most - scale.least)}
          />
        )),
      )}
    </svg>
  )
}
