import { expect, test } from 'vitest'
import type { Grid } from '../api/types'
import { areaOf } from '../sheet/address'
import { referenceText, whereToPoint } from './pointing'

test.each(['=', '= ', 'area = ', '=2*', '=sum(', '=sum(A1, ', '=17 mod ', '={1, ', '=√', '=A1:', '=2 ×'])(
  'a reference can stand behind %s',
  (text) => {
    expect(whereToPoint(text, text.length, null)).toEqual({ from: text.length, to: text.length })
  },
)

test.each(['', '12', 'Leaf lot', '=A1', '=2', '=sum(A1)', 'a-'])('none can stand behind %s', (text) => {
  expect(whereToPoint(text, text.length, null)).toBeNull()
})

test('pointing again replaces the reference that was pointed at last, until something is typed', () => {
  const last = { from: 1, to: 3, text: '=A1' }
  expect(whereToPoint('=A1', 3, last)).toEqual({ from: 1, to: 3 })
  expect(whereToPoint('=A1+', 4, last)).toEqual({ from: 4, to: 4 })
})

test('another grid is named in the reference', () => {
  const grid = (id: string, title: string): Grid => ({
    kind: 'grid',
    id,
    title,
    rows: 1,
    columns: 1,
    headings: 0,
    widths: {},
    styles: {},
    remarks: {},
    hiddenRows: [],
    hiddenColumns: [],
    beside: false,
    tabulation: null,
  })
  const grids = [grid('a', 'Lots'), grid('b', 'Leaf prices')]
  expect(referenceText('a', 'a', areaOf('B2:B9'), grids)).toBe('B2:B9')
  expect(referenceText('b', 'a', areaOf('B2'), grids)).toBe("'Leaf prices'.B2")
})
