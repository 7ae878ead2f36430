import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Chart, ChartData, DataPlace, DrawnMark, Mark } from '../api/types'
import { useChartStore } from '../chart/chartStore'
import { Typeset } from '../typeset/Typeset'
import styles from './MarksLayer.module.css'
import type { Pixel, Pixels } from './pixels'

interface Props {
  readonly chart: Chart
  readonly data: ChartData
  readonly pixels: Pixels
  /** Nothing can be moved where an earlier look or a run is shown. */
  readonly isFixed: boolean
  readonly onMarks: (marks: readonly Mark[]) => void
}

/** A key moves a mark by this part of the axes. */
const NUDGE = 0.01

/** Labels, arrows, formulas and tangents over a chart: they belong to places in the data, so they stay there. */
export function MarksLayer({ chart, data, pixels, isFixed, onMarks }: Props) {
  const layer = useRef<SVGSVGElement>(null)
  const count = useChartStore((state) => (state.marked?.chart === chart.id ? state.marked.count : null))
  useEffect(() => {
    // Both the settings and what is drawn of them have come.
    if (count === null || chart.marks.length !== count || data.marks.length !== count) return
    useChartStore.setState({ marked: null })
    const marks = layer.current?.querySelectorAll<SVGElement>('[data-mark]')
    marks?.[marks.length - 1]?.focus()
  }, [count, chart.marks.length, data.marks.length])
  const [dragged, setDragged] = useState<{ readonly index: number; readonly by: Pixel; readonly end: boolean } | null>(
    null,
  )

  /** A mark moved by pixels: all of it, or only the end that holds an arrow's text. */
  const movedMark = (mark: Mark, by: Pixel, end: boolean): Mark => {
    const shifted = (place: DataPlace): DataPlace => {
      const at = pixels.of(place)
      return (at && pixels.back({ x: at.x + by.x, y: at.y + by.y })) ?? place
    }
    switch (mark.kind) {
      case 'label':
      case 'formula':
        return { ...mark, ...shifted(mark) }
      case 'arrow': {
        const from = shifted({ across: mark.fromAcross, up: mark.fromUp })
        const tail = { ...mark, fromAcross: from.across, fromUp: from.up }
        return end ? tail : { ...tail, ...shifted(mark) }
      }
      case 'tangent':
        return { ...mark, across: shifted({ across: mark.across, up: data.up.scale.least }).across }
    }
  }

  const keep = (index: number, mark: Mark | null) =>
    onMarks(chart.marks.flatMap((each, at) => (at !== index ? [each] : mark ? [mark] : [])))

  const grab = (index: number, end: boolean) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      if (isFixed) return
      event.stopPropagation()
      event.currentTarget.setPointerCapture(event.pointerId)
      setDragged({ index, by: { x: 0, y: 0 }, end })
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      if (dragged?.index !== index || dragged.end !== end) return
      setDragged({ ...dragged, by: { x: dragged.by.x + event.movementX, y: dragged.by.y + event.movementY } })
    },
    onPointerUp: (event: PointerEvent<SVGGElement>) => {
      event.stopPropagation()
      const mark = chart.marks[index]
      if (dragged && mark && (dragged.by.x !== 0 || dragged.by.y !== 0)) keep(index, movedMark(mark, dragged.by, end))
      setDragged(null)
    },
  })

  const keys = (index: number) => (event: KeyboardEvent) => {
    const mark = chart.marks[index]
    const step = NUDGE * (event.shiftKey ? 5 : 1)
    const by: Pixel | undefined = {
      ArrowLeft: { x: -step * pixels.plot.width, y: 0 },
      ArrowRight: { x: step * pixels.plot.width, y: 0 },
      ArrowUp: { x: 0, y: -step * pixels.plot.height },
      ArrowDown: { x: 0, y: step * pixels.plot.height },
    }[event.key]
    if (isFixed || !mark || (!by && event.key !== 'Delete')) return
    event.preventDefault()
    event.stopPropagation()
    keep(index, by ? movedMark(mark, by, event.altKey) : null)
  }

  return (
    <svg ref={layer} className={styles.layer} data-marks="">
      <defs>
        <marker
          id={`head-${chart.id}`}
          viewBox="0 0 10 10"
          refX="9"
          refY="5"
          markerWidth="9"
          markerHeight="9"
          orient="auto-start-reverse"
        >
          <path d="M0,1 L10,5 L0,9 L3,5 Z" fill="var(--ink)" />
        </marker>
      </defs>
      {data.marks.map((drawn, index) => {
        const mark = chart.marks[index]
        const moves = dragged?.index === index && mark
        const at = pixels.of(drawn.at, drawn.onRight)
        const to = drawn.to && pixels.of(drawn.to, drawn.onRight)
        if (!at || !mark || (mark.kind === 'tangent' && !to)) return null
        const by = moves ? dragged.by : { x: 0, y: 0 }
        return (
          <g
            key={index}
            className={styles.mark}
            data-mark={drawn.kind}
            tabIndex={isFixed ? -1 : 0}
            role="button"
            aria-label={`${drawn.kind} ${drawn.text}: drag, or move with the arrow keys; Delete takes it off`}
            onKeyDown={keys(index)}
            {...grab(index, false)}
          >
            <Shape
              drawn={drawn}
              at={moves && !dragged.end ? { x: at.x + by.x, y: at.y + by.y } : at}
              to={to && (moves ? { x: to.x + by.x, y: to.y + by.y } : to)}
              head={`url(#head-${chart.id})`}
              grabEnd={grab(index, true)}
            />
          </g>
        )
      })}
    </svg>
  )
}

interface ShapeProps {
  readonly drawn: DrawnMark
  readonly at: Pixel
  readonly to: Pixel | null
  readonly head: string
  readonly grabEnd: object
}

function Shape({ drawn, at, to, head, grabEnd }: ShapeProps) {
  switch (drawn.kind) {
    case 'label':
      return (
        <text x={at.x} y={at.y} textAnchor="middle">
          {drawn.text}
        </text>
      )
    case 'formula':
      return (
        <foreignObject x={at.x - 160} y={at.y - 22} width={320} height={48} data-latex={drawn.latex}>
          <div className={styles.formula}>
            <Typeset latex={drawn.latex} spoken="" inLine />
          </div>
        </foreignObject>
      )
    case 'arrow':
      return to ? (
        <>
          <line x1={to.x} y1={to.y} x2={at.x} y2={at.y} stroke="var(--ink)" strokeWidth={1.2} markerEnd={head} />
          <line x1={to.x} y1={to.y} x2={at.x} y2={at.y} stroke="transparent" strokeWidth={12} />
          <g {...grabEnd}>
            <text x={to.x + (to.x >= at.x ? 5 : -5)} y={to.y + 4} textAnchor={to.x >= at.x ? 'start' : 'end'}>
              {drawn.text}
            </text>
          </g>
        </>
      ) : null
    case 'tangent':
      return to ? (
        <>
          <line x1={at.x} y1={at.y} x2={to.x} y2={to.y} stroke="var(--violet)" strokeWidth={1.8} />
          <line x1={at.x} y1={at.y} x2={to.x} y2={to.y} stroke="transparent" strokeWidth={12} />
          <text x={(at.x + to.x) / 2 + 8} y={(at.y + to.y) / 2 - 10} style={{ fill: 'var(--violet)' }}>
            {drawn.text}
          </text>
        </>
      ) : null
  }
}
