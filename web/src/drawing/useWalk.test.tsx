import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { ChartData, ChartWindow } from '../api/types'
import { axisOfTicks, bins, box, dataOf, placesOf, pointAt, seriesOf, twoWay } from '../chart/data.fixture'
import { pickedStop, type Stop } from '../chart/stops'
import { moved, zoomed } from './usePointer'
import { keysOf, useWalk } from './useWalk'

const cooling = dataOf(
  [
    seriesOf('Cup', [pointAt(0, null), pointAt(2, 1.5), pointAt(4, null), pointAt(6, 0.5), pointAt(8, null)]),
    seriesOf('Pot', [pointAt(1, 30), pointAt(3, null), pointAt(5, 20)], { onRight: true }),
  ],
  { right: axisOfTicks(0, 50, [0, 50], { unit: 'W' }) },
)

interface Seen {
  readonly window: (window: ChartWindow | null) => void
  readonly stops: (stops: readonly Stop[]) => void
}

function Walked({ data, window, seen }: { data: ChartData; window: ChartWindow | null; seen: Seen }) {
  const walk = useWalk({
    data,
    window,
    onWindow: seen.window,
    onStops: seen.stops,
  })
  return (
    <div role="group" aria-label="chart" tabIndex={0} onKeyDown={walk.onKeyDown} onBlur={walk.leave}>
      <output>{walk.stop?.said()}</output>
    </div>
  )
}

/** Presses keys one after another on a chart; an arrow with Shift is written `Shift ArrowLeft`. */
function walk(data: ChartData, keys: readonly string[], from: ChartWindow | null = null) {
  let window = from
  let cells: readonly (string | null)[] = []
  const seen = {
    window: (next: ChartWindow | null) => (window = next),
    stops: (chosen: readonly Stop[]) => (cells = chosen.map(({ cell }) => cell)),
  }
  render(<Walked data={data} window={from} seen={seen} />)
  const chart = screen.getByRole('group')
  for (const key of keys) {
    fireEvent.keyDown(chart, { key: key.replace('Shift ', ''), shiftKey: key.startsWith('Shift ') })
  }
  const said = screen.getByRole('status').textContent
  cleanup()
  return { window, cells, said }
}

it.each([
  [['ArrowRight'], 'Cup, 2 s: 1.5 °C'], // past a gap
  [['ArrowRight', 'ArrowRight'], 'Cup, 6 s: 0.5 °C'],
  [['ArrowRight', 'ArrowRight', 'ArrowRight'], 'Cup, 6 s: 0.5 °C'], // the last with a value
  [['ArrowLeft'], 'Cup, 6 s: 0.5 °C'],
  [['ArrowRight', 'ArrowLeft'], 'Cup, 2 s: 1.5 °C'],
  [['End'], 'Cup, 6 s: 0.5 °C'],
  [['End', 'Home'], 'Cup, 2 s: 1.5 °C'],
  [['ArrowDown'], 'Cup, 2 s: 1.5 °C'],
  [['ArrowRight', 'ArrowDown'], 'Pot, 1 s: 30 W'], // nearest across that has a value
  [['End', 'ArrowDown'], 'Pot, 5 s: 20 W'],
  [['End', 'ArrowUp'], 'Pot, 5 s: 20 W'], // round about
  [['End', 'ArrowDown', 'ArrowDown'], 'Cup, 6 s: 0.5 °C'],
  [['End', 'ArrowDown', 'Home'], 'Pot, 1 s: 30 W'],
  [['x', 'Tab'], ''],
])('%j tells %s', (keys, said) => {
  expect(walk(cooling, keys).said).toBe(said)
})

it('goes nowhere on a chart without points', () => {
  expect(walk(dataOf([seriesOf('Cup', [])]), ['ArrowRight', 'End', 'ArrowDown', 'Enter'])).toMatchObject({
    said: '',
    cells: [],
  })
})

it('chooses the point that it stands on', () => {
  expect(walk(cooling, ['Enter']).cells).toEqual([])
  expect(walk(cooling, ['ArrowRight', 'Enter']).cells).toEqual(['B3'])
})

it.each([
  [['+'], null, { from: 1, to: 9, low: 0.2, high: 1.8 }],
  [['-'], { from: 2, to: 6, low: 0, high: 1 }, { from: 1.5, to: 6.5, low: -0.125, high: 1.125 }],
  [['0'], { from: 2, to: 6, low: 0, high: 1 }, null],
  [['Shift ArrowRight'], { from: 2, to: 6, low: 0, high: 1 }, { from: 2.4, to: 6.4, low: 0, high: 1 }],
  [['Shift ArrowDown'], { from: 2, to: 6, low: 0, high: 1 }, { from: 2, to: 6, low: -0.1, high: 0.9 }],
  [['Shift ArrowUp'], null, null], // all is seen already
])('%j looks at another part', (keys, from, to) => {
  const { window } = walk(cooling, keys, from)
  if (to === null) return expect(window).toBeNull()
  for (const [end, at] of Object.entries(to)) expect(window).toHaveProperty(end, expect.closeTo(at, 12))
})

it('does not look closer where things have no size', () => {
  const bars = dataOf([seriesOf('Price', [pointAt(1, 4)])], { across: placesOf('River red') })
  expect(walk(bars, ['+']).window).toBeNull()
})

it('keeps the place that is zoomed around, and the size that is moved', () => {
  const window = { from: 2, to: 6, low: 0, high: 1 }
  expect(zoomed(window, 0.5, 2, 1)).toEqual({ from: 2, to: 4, low: 0.5, high: 1 })
  expect(zoomed(zoomed(window, 0.5, 3, 0.25), 2, 3, 0.25)).toEqual(window)
  expect(moved(window, -2, 3)).toEqual({ from: 0, to: 4, low: 3, high: 4 })
})

const table = (form: 'FIELDS' | 'CONTOURS' | 'SURFACE') =>
  dataOf([], {
    form,
    table: twoWay,
    across: axisOfTicks(60, 80, [60, 80], { title: 'water in °C', unit: '°C' }),
    up: axisOfTicks(1, 2, [1, 2], { unit: 'min' }),
  })
const shares = dataOf(
  [seriesOf('Cost', [pointAt(1, 30), pointAt(2, null), pointAt(3, 10)], { share: ['75%', '', '25%'] })],
  {
    form: 'SHARES',
  },
)
const histogram = dataOf([seriesOf('First', []), seriesOf('Second', [])], { form: 'HISTOGRAM', bins })
const boxes = dataOf([seriesOf('None', [pointAt(0, null)]), seriesOf('Leaf', [pointAt(0, 3), pointAt(1, 12)])], {
  form: 'BOXES',
  boxes: [box],
})

it.each([
  ['fields', table('FIELDS'), ['ArrowRight'], 'drawn, water 60 °C, time 2 min: 20%', 'C4'], // the uppermost row is the last
  ['fields', table('FIELDS'), ['ArrowRight', 'ArrowRight'], 'drawn, water 80 °C, time 2 min: 60%', 'E4'], // past a hole
  ['fields', table('FIELDS'), ['End', 'ArrowDown'], 'drawn, water 80 °C, time 1 min: 30%', 'E3'],
  ['contours', table('CONTOURS'), ['ArrowRight', 'ArrowUp'], 'drawn, water 60 °C, time 1 min: 10%', 'C3'], // round about
  ['a surface', table('SURFACE'), ['Shift ArrowRight', 'Shift ArrowDown'], 'drawn, water 60 °C, time 1 min: 10%', 'C3'],
  ['shares', shares, ['ArrowRight', 'ArrowRight'], '3: 10, 25%', 'B4'],
  ['shares', shares, ['ArrowRight', 'ArrowDown'], '1: 30, 75%', 'B2'], // there is no other line
  ['bins', histogram, ['End', 'ArrowDown'], 'Second, 10 g to 20 g: 7', null],
  ['boxes', boxes, ['ArrowRight', 'ArrowRight', 'ArrowRight'], 'Leaf, median: 3 g', null],
  ['boxes', boxes, ['End'], 'Leaf, far out: 12 g', 'B2'],
] as const)('%s are walked through: %#', (_, data, keys, said, cell) => {
  expect(walk(data, [...keys, 'Enter'])).toMatchObject({ said, cells: [cell] })
})

it.each([
  [shares, 2, 'B4'],
  [table('SURFACE'), 0, 'C3'],
  [table('SURFACE'), 5, 'E4'],
  [table('SURFACE'), 4, undefined], // a hole
] as const)('finds what the drawing tells by a number: %#', (data, index, cell) => {
  expect(pickedStop(data, index)?.cell).toBe(cell)
})

it.each([
  [cooling, 'Arrow keys walk through the points, plus and minus zoom, 0 shows all, Enter goes to the cell.'],
  [{ ...cooling, across: placesOf('Red') }, 'Arrow keys walk through the points, Enter goes to the cell.'],
  [histogram, 'Arrow keys walk through the bins.'],
  [table('SURFACE'), 'Arrow keys turn it, with Shift they walk through the values. Enter goes to the cell.'],
] as const)('promises what the keys do: %#', (data, said) => {
  expect(keysOf(data)).toBe(said)
})
