import type { ECharts } from 'echarts/core'
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { WHOLE, useChart, useLooks } from '../api/queries'
import type { Chart, ChartData, ChartWindow } from '../api/types'
import { areaBetween, atOf, type At } from '../sheet/address'
import { BlockCaption } from '../block/BlockCaption'
import { later } from '../later/later'
import { useKeptState, useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore, type Selection } from '../worksheet/store'
import styles from './ChartBlock.module.css'
import { useChartStore } from '../chart/chartStore'
import { EarlierLooks } from './EarlierLooks'
import { MarksLayer } from './MarksLayer'
import { hasPlaces, pixelsOf, type Pixels } from './pixels'
import { gridOf } from '../chart/made'
import { Deleted } from './Deleted'
import { Spoken } from './Spoken'
import { Told } from './Told'
import { canZoom, usePointer, windowOf, zoomed, type Drags } from './usePointer'
import { useRunning } from './useRunning'
import type { Turned } from '../chart/options/turned'
import { pickedStop, stopsOf, type Stop } from '../chart/stops'
import { keysOf, useWalk } from './useWalk'

const RunBar = later(() => import('./RunBar').then((module) => module.RunBar))

const drawing = () => import('./Drawing').then((module) => module.Drawing)
const Flat = later(drawing, undefined, { isLarge: true })

/** Charts in space come with a part of their own. */
const InSpace = later(() => Promise.all([drawing(), import('./space')]).then(([part]) => part), undefined, {
  isLarge: true,
})

const ZOOM = 1.25

/** A chart with its title; its cells are followed, its settings are in the lens. */
export function ChartBlock({ chart }: { readonly chart: Chart }) {
  const { worksheet, at, keep, grids } = useOpenWorksheet()
  const [window, setWindow] = useState<ChartWindow | null>(null)
  // What draws is on its way while the data is asked for.
  useEffect(() => void drawing(), [])
  const { data: now } = useChart(worksheet.id, at, chart.id, { ...WHOLE, window })
  const selected = useWorksheetStore((state) => state.selection.kind === 'chart' && state.selection.id === chart.id)
  const looking = useChartStore((state) => (state.looking?.chart === chart.id ? state.looking : null))
  const { data: looks = [] } = useLooks(
    worksheet.id,
    chart.id,
    useKeptState().revision,
    at === null && (selected || looking !== null),
  )
  const running = useRunning(chart)
  const source = grids.find((grid) => grid.id === chart.grid)?.title ?? ''
  const look = looking ? looks[looking.index] : undefined
  const shown = running?.frame?.data ?? (looking?.way === 'alone' && look ? look.data : now)
  const isFixed = at !== null || running !== null || look !== undefined
  const select = useSelectChart(chart)
  // Seen first, read aloud later.
  const spoken = useDeferredValue(shown)

  return (
    <figure
      className={styles.block}
      id={`block-${chart.id}`}
      data-selected={selected}
      data-wide={looking?.way === 'beside' && look !== undefined}
      aria-label={`Chart ${chart.title}`}
    >
      <BlockCaption
        block={chart}
        onTitle={(title) => void keep([{ do: 'changeBlock', block: { ...chart, title } }]).catch(() => undefined)}
      >
        <button type="button" className={styles.settings} onClick={select}>
          {fromWhere(chart, source)} · settings
        </button>
      </BlockCaption>
      <div className={styles.side}>
        {shown && (
          <DrawnChart
            key={looking?.way ?? 'now'}
            chart={chart}
            data={shown}
            former={looking?.way === 'over' && look ? look.data : null}
            window={window}
            isFixed={isFixed}
            onWindow={setWindow}
            onSelect={select}
          />
        )}
        {looking?.way === 'beside' && look && (
          <div className={styles.former} aria-label="Earlier look">
            <DrawnChart
              chart={chart}
              data={look.data}
              former={null}
              window={null}
              isFixed
              onWindow={noWindow}
              onSelect={select}
            />
          </div>
        )}
      </div>
      {shown && <Told faults={shown.faults} />}
      {at === null && <Deleted chart={chart} />}
      {running && <RunBar running={running} />}
      {at === null && selected && looks.length > 1 && !running && <EarlierLooks chart={chart} looks={looks} />}
      {spoken && <Spoken data={spoken} />}
    </figure>
  )
}

const noWindow = () => undefined

function fromWhere(chart: Chart, source: string): string {
  const cells = [
    chart.across,
    ...chart.series.map((series) => (series.source.of === 'cells' ? series.source.area : null)),
  ]
  const named = [...new Set(cells.filter((each) => each !== null))]
  return named.length > 0 ? `from ${source} ${named.join(', ')}` : 'from expressions'
}

function useSelectChart(chart: Chart) {
  return useCallback(() => {
    const { selection, select } = useWorksheetStore.getState()
    if (selection.kind !== 'chart' || selection.id !== chart.id) select({ kind: 'chart', id: chart.id, series: 0 })
  }, [chart.id])
}

interface DrawnProps {
  readonly chart: Chart
  readonly data: ChartData
  readonly former: ChartData | null
  readonly window: ChartWindow | null
  readonly isFixed: boolean
  readonly onWindow: (window: ChartWindow | null) => void
  readonly onSelect: () => void
}

const FROM_THE_SIDE: Turned = { alpha: 24, beta: 38, distance: 190 }
const TURN = 12

const isLike = (one: Turned, other: Turned) =>
  (['alpha', 'beta', 'distance'] as const).every((each) => Math.abs(one[each] - other[each]) < 0.1)

/** The drawing with all that can be done on it. */
const DrawnChart = memo(function DrawnChart({ chart, data, former, window, isFixed, onWindow, onSelect }: DrawnProps) {
  const { keep } = useOpenWorksheet()
  const isPlacing = useChartStore((state) => state.placing?.chart === chart.id)
  const host = useRef<HTMLDivElement>(null)
  const [pixels, setPixels] = useState<Pixels | null>(null)
  const [turned, setTurned] = useState(FROM_THE_SIDE)
  const chosenCells = useChosen(chart)
  const choose = useChoose(chart)
  const Drawing = data.form === 'SURFACE' ? InSpace : Flat

  const onDrawn = useCallback(
    // The answer of a layout: where the axes have come to stand.
    (made: ECharts | null) => setPixels(made && pixelsOf(made, chart, data)),
    [chart, data],
  )
  const [drags, setDrags] = useState<Drags | null>(null)
  const dragged = drags ?? (window === null ? 'chooses' : 'moves')
  const pointer = usePointer({ host, data, pixels: () => pixels, window, drags: dragged, onWindow, onStops: choose })
  const walk = useWalk({ data, window, onWindow, onStops: choose })
  const { stop } = walk
  const ring = stop?.place ? pixels?.of(stop.place, stop.onRight) : null
  const over = pointer.over?.place && pixels?.of(pointer.over.place, pointer.over.onRight)
  const walkedCell = data.form === 'SURFACE' ? stop?.cell : null
  const besides = useMemo(
    () => ({ chosen: walkedCell ? new Set([...chosenCells, walkedCell]) : chosenCells, former, turned }),
    [chosenCells, walkedCell, former, turned],
  )
  const pick = (index: number) => {
    // Between axes the pointer finds what is nearest.
    const picked = hasPlaces(data) ? undefined : pickedStop(data, index)
    if (picked) choose([picked])
  }
  const zoom = (by: number) => {
    const seen = window ?? windowOf(data)
    onWindow(zoomed(seen, by, (seen.from + seen.to) / 2, (seen.low + seen.high) / 2))
  }
  const turn = (alpha: number, beta: number) =>
    setTurned((from) => ({ ...from, alpha: from.alpha + alpha, beta: from.beta + beta }))
  const turnedByHand = ({ alpha, beta, distance }: Turned) =>
    setTurned((from) => (isLike(from, { alpha, beta, distance }) ? from : { alpha, beta, distance }))

  return (
    <div
      ref={host}
      className={styles.drawing}
      data-drawing=""
      data-zoomed={window !== null}
      tabIndex={0}
      role="application"
      aria-label={`${data.title}. ${keysOf(data)}`}
      onFocus={onSelect}
      onBlur={walk.leave}
      onKeyDown={(event) => {
        const by = data.form === 'SURFACE' && !event.shiftKey ? TURNS[event.key] : undefined
        if (by && event.target === event.currentTarget) {
          event.preventDefault()
          event.stopPropagation()
          turn(by[0], by[1])
        } else walk.onKeyDown(event)
      }}
      onPointerDown={(event) => {
        onSelect()
        pointer.onPointerDown(event)
      }}
      onPointerMove={pointer.onPointerMove}
      onPointerUp={pointer.onPointerUp}
      onPointerCancel={pointer.onPointerCancel}
      onPointerLeave={pointer.onPointerLeave}
    >
      <Drawing chart={chart} data={data} besides={besides} onDrawn={onDrawn} onPick={pick} onTurned={turnedByHand} />
      {pixels && (data.marks.length > 0 || isPlacing) && (
        <MarksLayer
          chart={chart}
          data={data}
          pixels={pixels}
          isFixed={isFixed}
          onMarks={(marks) => void keep([{ do: 'changeBlock', block: { ...chart, marks } }]).catch(() => undefined)}
        />
      )}
      {ring && <span className={styles.ring} style={{ left: ring.x, top: ring.y }} />}
      {stop && <span className={styles.said}>{stop.said()}</span>}
      <span className="spoken" role="status">
        {stop?.said()}
      </span>
      {over && pointer.over && (
        <span
          className={styles.over}
          style={{ left: over.x, top: over.y }}
          data-side={over.x > (pixels?.plot.width ?? 0) / 2}
        >
          {pointer.over.said()}
        </span>
      )}
      {pointer.box && <BoxShape box={pointer.box} />}
      {canZoom(data) && (
        <div className={styles.zoom} role="group" aria-label="Zoom">
          <button type="button" aria-label="Look closer" onClick={() => zoom(1 / ZOOM)}>
            +
          </button>
          <button type="button" aria-label="Look from further away" onClick={() => zoom(ZOOM)}>
            −
          </button>
          <button
            type="button"
            aria-pressed={dragged === 'moves'}
            title="Dragging moves what is seen; with Shift it chooses"
            onClick={() => setDrags('moves')}
          >
            drag moves
          </button>
          <button
            type="button"
            aria-pressed={dragged === 'chooses'}
            title="Dragging chooses the points in a box"
            onClick={() => setDrags('chooses')}
          >
            drag chooses
          </button>
          {window && (
            <button type="button" onClick={() => onWindow(null)}>
              show all
            </button>
          )}
        </div>
      )}
      {data.form === 'SURFACE' && (
        <div className={styles.zoom} role="group" aria-label="Turn">
          <button type="button" aria-label="Turn left" onClick={() => turn(0, -TURN)}>
            ↶
          </button>
          <button type="button" aria-label="Turn right" onClick={() => turn(0, TURN)}>
            ↷
          </button>
          <button type="button" onClick={() => setTurned(FROM_THE_SIDE)}>
            as before
          </button>
        </div>
      )}
    </div>
  )
})

const TURNS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [0, -TURN],
  ArrowRight: [0, TURN],
  ArrowUp: [TURN, 0],
  ArrowDown: [-TURN, 0],
}

function BoxShape({
  box,
}: {
  readonly box: { readonly from: { x: number; y: number }; readonly to: { x: number; y: number } }
}) {
  return (
    <span
      className={styles.box}
      style={{
        left: Math.min(box.from.x, box.to.x),
        top: Math.min(box.from.y, box.to.y),
        width: Math.abs(box.to.x - box.from.x),
        height: Math.abs(box.to.y - box.from.y),
      }}
    />
  )
}

/** A moment that is not felt as waiting, in which what is more urgent is drawn. */
const MOMENT = 120

/** The selection once it stays where it is: a chart is not to be drawn for every step on the way. */
function useSettledSelection(): Selection {
  const selection = useWorksheetStore((state) => state.selection)
  const [settled, setSettled] = useState(selection)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(selection), MOMENT)
    return () => clearTimeout(timer)
  }, [selection])
  return settled
}

/** Addresses of the chart's cells that are selected in their grid. */
function useChosen(chart: Chart): ReadonlySet<string> {
  const selection = useSettledSelection()
  const { data } = useChart(useOpenWorksheet().worksheet.id, useOpenWorksheet().at, chart.id)
  return useMemo(() => {
    if (selection.kind !== 'cells' || !data) return NOTHING
    const area = areaBetween(selection.anchor, selection.focus)
    const isIn = ({ column, row }: At) =>
      column >= area.first.column && column <= area.last.column && row >= area.first.row && row <= area.last.row
    const across = chart.across ? areaOf(chart.across) : null
    const cells = stopsOf(data).flatMap((stops) =>
      stops.flatMap(({ cell, series }) => {
        const at = cell ? atOf(cell) : null
        if (!at || !cell || gridOf(chart, series) !== selection.grid) return []
        // A point is chosen by its own cell or by the one across.
        const beside = across ? { column: across.column, row: at.row } : at
        return isIn(at) || isIn(beside) ? [cell] : []
      }),
    )
    return cells.length > 0 ? new Set(cells) : NOTHING
  }, [selection, chart, data])
}

const NOTHING: ReadonlySet<string> = new Set()

const areaOf = (area: string): At | null => atOf(area.split(':')[0] ?? '')

/** Selecting points selects their cells. */
function useChoose(chart: Chart) {
  const select = useWorksheetStore((state) => state.select)
  return useCallback(
    (stops: readonly Stop[]) => {
      const cells = stops.flatMap(({ cell }) => (cell ? [atOf(cell)] : [])).filter((at) => at !== null)
      const [first] = cells
      const last = cells.at(-1)
      const grid = gridOf(chart, stops[0]?.series ?? 0)
      if (first && last) select({ kind: 'cells', grid, anchor: first, focus: last })
      else select({ kind: 'chart', id: chart.id, series: stops[0]?.series ?? 0 })
    },
    [chart, select],
  )
}
