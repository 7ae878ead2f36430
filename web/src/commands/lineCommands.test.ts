import { beforeEach, describe, expect, it } from 'vitest'
import { areaText } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'
import { lineCommands } from './lineCommands'
import { lots, openPage, possible, run, sectionOf, selectCells } from './page.fixture'
import { selectedCells } from './selected'

const page = (grid = lots, at: number | null = null) => openPage([sectionOf('first', grid)], at)

beforeEach(() => useWorksheetStore.getState().reset())

describe('rows and columns', () => {
  it.each([
    ['row-before', 'B3:C4', { axis: 'ROWS', at: 2, count: 2 }],
    ['row-behind', 'B3:C4', { axis: 'ROWS', at: 4, count: 2 }],
    ['column-before', 'B3:C4', { axis: 'COLUMNS', at: 1, count: 2 }],
    ['column-behind', 'B3:C4', { axis: 'COLUMNS', at: 3, count: 2 }],
    ['row-before', 'A1', { axis: 'ROWS', at: 0, count: 1 }],
    ['column-behind', 'E8', { axis: 'COLUMNS', at: 5, count: 1 }],
  ] as const)('%s of %s puts as many in as are selected', (id, area, edit) => {
    const { open, edits } = page()
    selectCells(area)
    run(lineCommands(open), id)
    expect(edits).toEqual([{ do: 'insertLines', grid: 'lots', ...edit }])
  })

  it('counts from the upper left corner, wherever the selection began', () => {
    const { open, edits } = page()
    selectCells('C4')
    useWorksheetStore.getState().select({
      kind: 'cells',
      grid: 'lots',
      anchor: { column: 3, row: 5 },
      focus: { column: 1, row: 2 },
    })
    run(lineCommands(open), 'row-before')
    expect(edits).toEqual([{ do: 'insertLines', grid: 'lots', axis: 'ROWS', at: 2, count: 4 }])
  })

  it.each([
    ['rows-out', { axis: 'ROWS', at: 2, count: 2 }],
    ['columns-out', { axis: 'COLUMNS', at: 1, count: 2 }],
  ] as const)('%s goes with the selection back to its first cell', async (id, edit) => {
    const { open, edits } = page()
    selectCells('B3:C4')
    run(lineCommands(open), id)
    await Promise.resolve()
    expect(edits).toEqual([{ do: 'deleteLines', grid: 'lots', ...edit }])
    const now = selectedCells([lots])
    expect(now && areaText(now.area)).toBe('B3')
  })

  it('hides what is selected besides what is hidden already', () => {
    const { open, edits } = page({ ...lots, hiddenRows: [6, 3], hiddenColumns: [4] })
    selectCells('B3:C4')
    run(lineCommands(open), 'hide-rows')
    run(lineCommands(open), 'hide-columns')
    expect(edits).toMatchObject([
      { do: 'changeBlock', block: { id: 'lots', hiddenRows: [6, 3, 2], hiddenColumns: [4] } },
      { do: 'changeBlock', block: { id: 'lots', hiddenRows: [6, 3], hiddenColumns: [4, 1, 2] } },
    ])
  })

  it('shows hidden lines only where there are some', () => {
    selectCells('B3')
    expect(possible(lineCommands(page().open))).not.toContain('show-hidden')
    const { open, edits } = page({ ...lots, hiddenRows: [2], hiddenColumns: [3] })
    run(lineCommands(open), 'show-hidden')
    expect(edits).toMatchObject([{ block: { hiddenRows: [], hiddenColumns: [] } }])
  })

  it.each([
    ['wider', 120, 144],
    ['narrower', 120, 96],
    ['narrower', 50, 40],
    ['wider', 790, 800],
  ])('%s goes by a step from %d to %d, and never beyond what can be used', (id, from, to) => {
    const { open, edits } = page({ ...lots, widths: { 0: from, 3: 77 } })
    selectCells('A2')
    run(lineCommands(open), id)
    expect(edits).toMatchObject([{ block: { widths: { 0: to, 3: 77 } } }])
  })

  it('takes the width that a column is drawn with, where none was chosen', () => {
    document.body.innerHTML = '<div id="block-lots"><span data-column="2"></span></div>'
    const drawn = document.querySelector('[data-column]')
    if (drawn) drawn.getBoundingClientRect = () => new DOMRect(0, 0, 91.4, 20)
    const { open, edits } = page()
    selectCells('C2:D2')
    run(lineCommands(open), 'wider')
    expect(edits).toMatchObject([{ block: { widths: { 0: 120, 2: 115, 3: 124 } } }])
  })

  it.each([
    ['A2', 2],
    ['B1:C3', 3],
    ['A1', 0], // they are the headings already
  ])('makes the rows down to %s headings: %d', (area, headings) => {
    const { open, edits } = page()
    selectCells(area)
    run(lineCommands(open), 'headings')
    expect(edits).toMatchObject([{ block: { id: 'lots', headings } }])
  })

  it('can do nothing without cells, in a grid that is gone, or with an earlier state', () => {
    expect(possible(lineCommands(page().open))).toEqual([])
    selectCells('A1', 'gone')
    expect(possible(lineCommands(page().open))).toEqual([])
    selectCells('A1')
    expect(possible(lineCommands(page(lots, 3).open))).toEqual([])
  })

  it('leaves the selection where the change was refused', async () => {
    const { open } = page()
    const refusing = { ...open, keep: () => Promise.reject(new Error('There is nothing to take out.')) }
    selectCells('B3:C4')
    run(lineCommands(refusing), 'rows-out')
    await Promise.resolve()
    await Promise.resolve()
    const now = selectedCells([lots])
    expect(now && areaText(now.area)).toBe('B3:C4')
  })
})
