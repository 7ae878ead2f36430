import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { ChartData, ChartPoint, ChartWindow } from '../api/types'
import { axisOfTicks, dataOf, placesOf, pointAt, seriesOf } from './data.fixture'
import { moved, zoomed } from './usePointer'
import { useWalk } from './useWalk'

const cooling = dataOf(
  [
    seriesOf('Cup', [pointAt(0, null), pointAt(2, 1.5), pointAt(4, null), pointAt(6, 0.5), pointAt(8, null)]),
    seriesOf('Pot', [pointAt(1, 30), pointAt(3, null), pointAt(5, 20)], { onRight: true }),
  ],
  { right: axisOfTicks(0, 50, [0, 50], { unit: 'W' }) },
)

interface Seen {
  readonly window: (window: ChartWindow | null) => void
  readonly points: (points: readonly ChartPoint[]) => void
}

function Walked({ data, window, seen }: { data: ChartData; window: ChartWindow | null; seen: Seen }) {
  const walk = useWalk({
    data,
    window,
    onWindow: seen.window,
    onPoints: (_, points) => seen.points(points),
  })
  return (
    <div role="group" aria-label="chart" tabIndex={0} onKeyDown={walk.onKeyDown} onBlur={walk.leave}>
      <output>{walk.said}</output>
    </div>
  )
}

/** Presses keys one after another on a chart; an arrow with Shift is written `Shift ArrowLeft`. */
function walk(data: ChartData, keys: readonly string[], from: ChartWindow | null = null) {
  let window = from
  let points: readonly (string | null)[] = []
  const seen = {
    window: (next: ChartWindow | null) => (window = next),
    points: (chosen: readonly ChartPoint[]) => (points = chosen.map(({ cell }) => cell)),
  }
  render(<Walked data={data} window={from} seen={seen} />)
  const chart = screen.getByRole('group')
  for (const key of keys) {
    fireEvent.keyDown(chart, { key: key.replace('Shift ', ''), shiftKey: key.startsWith('Shift ') })
  }
  const said = screen.getByRole('status').textContent
  cleanup()
  return { window, points, said }
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
    points: [],
  })
})

it('chooses the point that it stands on', () => {
  expect(walk(cooling, ['Enter']).points).toEqual([])
  expect(walk(cooling, ['ArrowRight', 'Enter']).points).toEqual(['B3'])
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
