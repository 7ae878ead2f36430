import type { ChartData } from '../api/types'
import styles from './EarlierLooks.module.css'

type Scale = ChartData['up']['scale']

const WIDTH = 84
const HEIGHT = 30
const MOST_SERIES = 4

/** The first series of a look, very small. */
export function Thumbnail({ data }: { readonly data: ChartData }) {
  if (data.table) return <Fields values={data.table.values} scale={data.table.height.scale} />
  return (
    <svg className={styles.thumbnail} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      {data.series.slice(0, MOST_SERIES).map((series, index) => {
        const upScale = (series.onRight && data.right ? data.right : data.up).scale
        const down = (up: number) => HEIGHT * (1 - partOf(up, upScale))
        const points = series.points
          .map((point) => ({ x: WIDTH * partOf(point.across, data.across.scale), y: down(point.up ?? Number.NaN) }))
          .filter(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))
        const foot = down(Math.min(upScale.most, Math.max(upScale.least, 0)))
        const colour = `var(--series-${index})`
        return series.shape === 'POINTS' ? (
          points.map(({ x, y }, at) => <circle key={`${index} ${at}`} cx={x} cy={y} r="1.3" fill={colour} />)
        ) : series.shape === 'BARS' ? (
          points.map(({ x, y }, at) => (
            <rect
              key={`${index} ${at}`}
              x={x - 2}
              y={Math.min(y, foot)}
              width="4"
              height={Math.abs(foot - y)}
              fill={colour}
            />
          ))
        ) : (
          <polyline key={index} points={points.map(({ x, y }) => `${x},${y}`).join(' ')} fill="none" stroke={colour} />
        )
      })}
    </svg>
  )
}

/** How far along a scale a value stands, from 0 to 1; not a number where it has no place there. */
function partOf(at: number, { least, most, logarithmic }: Scale): number {
  const along = logarithmic ? Math.log : Number
  return (along(at) - along(least)) / (along(most) - along(least))
}

/** A two-way table, very small: darker is more. */
function Fields({
  values,
  scale,
}: {
  readonly values: readonly (readonly (number | null)[])[]
  readonly scale: Scale
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
