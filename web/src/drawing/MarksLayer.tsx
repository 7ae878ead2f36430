import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Chart, ChartData, DataPlace, DrawnMark, Mark } from '../api/types'
import { useChartStore } from '../chart/chartStore'
import { markAt, type MarkKind } from '../chart/marks'
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
  const focusOn = (index: number) => layer.current?.querySelector<SVGElement>(`[data-index='${index}']`)?.focus()
  const placing = useChartStore((state) => (state.placing?.chart === chart.id ? state.placing.kind : null))
  const lettering = useChartStore((state) => (state.lettering?.chart === chart.id ? state.lettering.index : null))
  const count = useChartStore((state) => (state.marked?.chart === chart.id ? state.marked.count : null))
  useEffect(() => {
    // Both the settings and what is drawn of them have come.
    if (count === null || chart.marks.length !== count || data.marks.length !== count) return
    useChartStore.setState({ marked: null })
    const index = count - 1
    if (data.marks[index]?.kind === 'tangent') focusOn(index)
    else useChartStore.setState({ lettering: { chart: chart.id, index } })
  }, [count, chart.id, chart.marks.length, data.marks])
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

  const letter = (index: number) => {
    if (!isFixed && chart.marks[index]?.kind !== 'tangent')
      useChartStore.setState({ lettering: { chart: chart.id, index } })
  }

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
    onDoubleClick: () => letter(index),
    onPointerUp: (event: PointerEvent<SVGGElement>) => {
      event.stopPropagation()
      const mark = chart.marks[index]
      if (dragged && mark && (dragged.by.x !== 0 || dragged.by.y !== 0)) keep(index, movedMark(mark, dragged.by, end))
      setDragged(null)
    },
  })

  const keys = (index: number) => (event: KeyboardEvent) => {
    const mark = chart.marks[index]
    if (event.key === 'Enter' || event.key === 'F2') {
      event.preventDefault()
      event.stopPropagation()
      letter(index)
      return
    }
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

  const written = lettering === null ? undefined : chart.marks[lettering]
  const writtenAt = lettering === null ? null : placeOfText(data.marks[lettering], pixels)

  return (
    <>
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
              data-index={index}
              tabIndex={isFixed ? -1 : 0}
              role="button"
              aria-label={`${drawn.kind} ${drawn.text}: drag, or move with the arrow keys; Enter writes its text, Delete takes it off`}
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
      {placing && !isFixed && (
        <Placing
          kind={placing}
          pixels={pixels}
          onPlace={(place) => {
            const mark = markAt(placing, place, chart, data)
            if (!mark) return
            useChartStore.setState({ placing: null, marked: { chart: chart.id, count: chart.marks.length + 1 } })
            onMarks([...chart.marks, mark])
          }}
        />
      )}
      {lettering !== null && written && written.kind !== 'tangent' && writtenAt && (
        <Lettering
          key={lettering}
          text={written.text}
          at={writtenAt}
          onDone={(text) => {
            useChartStore.setState({ lettering: null })
            if (text !== '' && text !== written.text) keep(lettering, { ...written, text })
            focusOn(lettering)
          }}
        />
      )}
    </>
  )
}

/** Where the text of a mark stands. */
function placeOfText(drawn: DrawnMark | undefined, pixels: Pixels): Pixel | null {
  if (!drawn) return null
  return pixels.of(drawn.kind === 'arrow' && drawn.to ? drawn.to : drawn.at, drawn.onRight)
}

interface PlacingProps {
  readonly kind: MarkKind
  readonly pixels: Pixels
  readonly onPlace: (place: DataPlace) => void
}

/** Takes the next click on the chart for the place of a mark. */
function Placing({ kind, pixels, onPlace }: PlacingProps) {
  useEffect(() => {
    const leave = (event: globalThis.KeyboardEvent) => {
      if (event.key === 'Escape') useChartStore.setState({ placing: null })
    }
    window.addEventListener('keydown', leave)
    return () => window.removeEventListener('keydown', leave)
  }, [])
  return (
    <div
      className={styles.placing}
      data-placing={kind}
      onPointerDown={(event) => event.stopPropagation()}
      onPointerUp={(event) => {
        event.stopPropagation()
        const { left, top } = event.currentTarget.getBoundingClientRect()
        const place = pixels.back({ x: event.clientX - left, y: event.clientY - top })
        if (place) onPlace(place)
      }}
    >
      <span role="status">Click where the {kind} goes, or press Esc.</span>
    </div>
  )
}

interface LetteringProps {
  readonly text: string
  readonly at: Pixel
  readonly onDone: (text: string) => void
}

/** The text of a mark, written where it stands. */
function Lettering({ text, at, onDone }: LetteringProps) {
  const [draft, setDraft] = useState(text)
  const isDone = useRef(false)
  const done = (written: string) => {
    if (isDone.current) return
    isDone.current = true
    onDone(written.trim())
  }
  return (
    <input
      className={styles.lettering}
      style={{ left: at.x, top: at.y }}
      aria-label="Text of the mark"
      autoFocus
      size={Math.max(8, draft.length + 1)}
      value={draft}
      onFocus={(event) => event.currentTarget.select()}
      onChange={(event) => setDraft(event.target.value)}
      onPointerDown={(event) => event.stopPropagation()}
      onBlur={() => done(draft)}
      onKeyDown={(event) => {
        event.stopPropagation()
        if (event.key === 'Enter') done(draft)
        if (event.key === 'Escape') done(text)
      }}
    />
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
