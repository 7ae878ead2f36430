import { beforeEach, describe, expect, it } from 'vitest'
import { areaOf, areaText } from '../sheet/address'
import { useWorksheetStore } from '../worksheet/store'
import { lots as grid, selectCells as select } from './page.fixture'
import { goTo, linesOf, selectAfter, selectedCells } from './selected'

const selection = () => {
  const cells = selectedCells([grid])
  return cells && areaText(cells.area)
}

beforeEach(() => useWorksheetStore.getState().reset())

describe('what is selected', () => {
  it('is an area whichever corner it was begun at', () => {
    const [anchor, focus] = [areaOf('D5').first, areaOf('B2').first]
    useWorksheetStore.getState().select({ kind: 'cells', grid: 'lots', anchor, focus })
    expect(selection()).toBe('B2:D5')
    expect(selectedCells([grid])?.focus).toEqual(areaOf('B2').first)
  })

  it('is nothing where it lies in a grid that is not there, or is no cells', () => {
    expect(selection()).toBeNull()
    select('A1', 'gone')
    expect(selection()).toBeNull()
  })

  it.each([
    ['A2:E3', 'rows'],
    ['A2:D3', 'cells'],
    ['B1:C8', 'columns'],
    ['B1:C7', 'cells'],
    ['A1:E8', 'rows'],
    ['A1', 'cells'],
  ] as const)('%s are %s', (area, lines) => {
    const { first, last } = areaOf(area)
    expect(linesOf({ grid, area: { first, last }, focus: first })).toBe(lines)
  })

  it('is cells in a grid of one line, however much of it', () => {
    const one = { ...grid, rows: 1, columns: 1 }
    expect(linesOf({ grid: one, area: areaOf('A1'), focus: areaOf('A1').first })).toBe('cells')
  })
})

describe('selecting', () => {
  it('goes to an area with its first cell in focus', () => {
    goTo('lots', areaOf('B2:C4'))
    expect(selection()).toBe('B2:C4')
    expect(selectedCells([grid])?.focus).toEqual({ column: 1, row: 1 })
  })

  it('follows a change once it is kept', async () => {
    select('A1')
    selectAfter(Promise.resolve(), 'lots', () => areaOf('C3:D4'))
    await Promise.resolve()
    expect(selection()).toBe('C3:D4')
  })

  it('stays where something else was selected meanwhile', async () => {
    select('A1')
    selectAfter(Promise.resolve(), 'lots', () => areaOf('C3:D4'))
    select('E5')
    await Promise.resolve()
    expect(selection()).toBe('E5')
  })

  it('stays where the change was refused', async () => {
    select('A1')
    selectAfter(Promise.reject(new Error('no')), 'lots', () => areaOf('C3:D4'))
    await Promise.resolve()
    await Promise.resolve()
    expect(selection()).toBe('A1')
  })
})
