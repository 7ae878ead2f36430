import { act, renderHook } from '@testing-library/react'
import { beforeEach, expect, test } from 'vitest'
import { useTape } from './useTape'

beforeEach(() => localStorage.clear())

const line = { entry: '1/3', display: '0.3333333333', exact: true, value: '1/3' }

test('a line is there again when the worksheet is opened again', () => {
  const first = renderHook(() => useTape('w1'))
  act(() => first.result.current.add(line))
  expect(renderHook(() => useTape('w1')).result.current.lines).toEqual([line])
  expect(renderHook(() => useTape('w2')).result.current.lines).toEqual([])
})

test('what is not a tape is read as an empty one', () => {
  localStorage.setItem('tape of w1', '{"no": "tape"')
  expect(renderHook(() => useTape('w1')).result.current.lines).toEqual([])
  localStorage.setItem('tape of w1', '[1, {"entry": "2"}]')
  expect(renderHook(() => useTape('w1')).result.current.lines).toEqual([])
})
