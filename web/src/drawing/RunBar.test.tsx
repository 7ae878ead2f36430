import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { useChartStore } from '../chart/chartStore'
import { dataOf } from '../chart/data.fixture'
import { RunBar } from './RunBar'
import type { RunningChart } from './useRunning'

const run = { input: 'temperature', from: '60', to: '61', count: 4 }
const frames = ['60', '≈ 60.33333333', '≈ 60.66666667', '61'].map((value) => ({ value, data: dataOf([]) }))

const running = (part: Partial<RunningChart> = {}): RunningChart => ({
  chart: 'c',
  run,
  index: 0,
  speed: 2,
  isPlaying: false,
  frames,
  frame: frames[part.index ?? 0],
  refused: '',
  ...part,
})

beforeEach(() => useChartStore.setState({ running: running() }))
afterEach(cleanup)

it.each([
  [0, 'temperature = 60'],
  [1, 'temperature ≈ 60.33333333'], // not equal to what is shown
])('says at step %d that %s', (index, said) => {
  render(<RunBar running={running({ index })} />)
  expect(screen.getByRole('status').textContent).toBe(said)
})

it('says that it is being worked out until there is a frame', () => {
  render(<RunBar running={running({ frames: [], frame: undefined })} />)
  expect(screen.getByRole('status').textContent).toBe('temperature = …')
})

it.each([
  ['One value on', 2, 3],
  ['One value on', 3, 3],
  ['One value back', 1, 0],
  ['One value back', 0, 0],
])('%s goes from %d to %d and pauses', (name, index, to) => {
  useChartStore.setState({ running: running({ index, isPlaying: true }) })
  render(<RunBar running={running({ index, isPlaying: true })} />)
  fireEvent.click(screen.getByRole('button', { name }))
  expect(useChartStore.getState().running).toMatchObject({ index: to, isPlaying: false })
})

it('says why it does not run, and ends', () => {
  render(<RunBar running={running({ refused: '`temperature` is no cell.' })} />)
  expect(screen.getByRole('alert').textContent).toBe('temperature is no cell.')
  fireEvent.click(screen.getByRole('button', { name: 'End' }))
  expect(useChartStore.getState().running).toBeNull()
})
