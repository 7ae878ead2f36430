import type { ChartSketch } from '../api/types'
import styles from './StartPage.module.css'

const WIDTH = 120
const HEIGHT = 40

/** A chart drawn very small, as the server has laid it out. */
export function Sketch({ sketch }: { readonly sketch: ChartSketch }) {
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" className={styles.sketch} data-sketch>
      {sketch.fields.length > 0 ? <Fields rows={sketch.fields} /> : sketch.traces.map(Trace)}
    </svg>
  )
}

const inPixels = ({ x, y }: { readonly x: number; readonly y: number }) => ({ x: x * WIDTH, y: (1 - y) * HEIGHT })

function Trace({ series, kind, places }: ChartSketch['traces'][number], key: number) {
  const colour = `var(--series-${series % 8})`
  const at = places.map(inPixels)
  switch (kind) {
    case 'LINE':
      return (
        <polyline
          key={key}
          points={at.map(({ x, y }) => `${x},${y}`).join(' ')}
          fill="none"
          stroke={colour}
          strokeWidth="1.4"
          vectorEffect="non-scaling-stroke"
        />
      )
    case 'POINTS':
      return (
        <g key={key} fill={colour}>
          {at.map(({ x, y }, index) => (
            <circle key={index} cx={x} cy={y} r="1.2" />
          ))}
        </g>
      )
    case 'BARS':
      return (
        <g key={key} fill={colour} opacity="0.85">
          {at.map((from, index) => {
            const to = at[index + 1]
            if (index % 2 === 1 || !to) return null
            const [x, y] = [Math.min(from.x, to.x), Math.min(from.y, to.y)]
            return <rect key={index} x={x} y={y} width={Math.abs(to.x - from.x)} height={Math.abs(to.y - from.y)} />
          })}
        </g>
      )
    case 'SHARES':
      return (
        <g key={key}>
          {places.map(({ y }, index) => {
            const before = places.slice(0, index).reduce((sum, place) => sum + place.y, 0)
            return (
              <rect
                key={index}
                x={before * WIDTH}
                y={HEIGHT / 4}
                width={y * WIDTH}
                height={HEIGHT / 2}
                fill={`var(--series-${index % 8})`}
              />
            )
          })}
        </g>
      )
  }
}

/** A two-way table: darker is more. */
function Fields({ rows }: { readonly rows: ChartSketch['fields'] }) {
  const across = rows[0]?.length ?? 1
  return rows.flatMap((row, at) =>
    row.map((height, column) => (
      <rect
        key={`${at} ${column}`}
        x={(column * WIDTH) / across}
        y={HEIGHT - ((at + 1) * HEIGHT) / rows.length}
        width={WIDTH / across}
        height={HEIGHT / rows.length}
        fill="var(--ramp-3)"
        opacity={height ?? 0}
      />
    )),
  )
}
