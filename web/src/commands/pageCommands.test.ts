import { beforeEach, describe, expect, it } from 'vitest'
import { newChart, newSeries } from '../chart/made'
import { useWorksheetStore } from '../worksheet/store'
import { lots, openPage, possible, remark, run, sectionOf, selectCells } from './page.fixture'
import { freeTitle, moveEdit, newGrid, pageCommands, placeOf } from './pageCommands'

const chart = {
  ...newChart('Prices', 'lots', 'A1:A8', [newSeries({ of: 'cells', area: 'B1:B8', grid: null }, 'LINE')]),
  id: 'prices',
}
const prices = { ...lots, id: 'leaf', title: 'Leaf prices' }
const sections = [sectionOf('first', remark, lots), sectionOf('second', chart), sectionOf('third')]

const page = (at: number | null = null) => openPage(sections, at)
const selectChart = () => useWorksheetStore.getState().select({ kind: 'chart', id: 'prices', series: 0 })

beforeEach(() => useWorksheetStore.getState().reset())

describe('where a block goes', () => {
  it.each([
    ['remark', 1, { do: 'moveBlock', block: 'remark', section: 'first', at: 1 }],
    ['remark', -1, null], // there is no section above
    ['lots', -1, { do: 'moveBlock', block: 'lots', section: 'first', at: 0 }],
    ['lots', 1, { do: 'moveBlock', block: 'lots', section: 'second', at: 0 }],
    ['prices', -1, { do: 'moveBlock', block: 'prices', section: 'first', at: 2 }],
    ['prices', 1, { do: 'moveBlock', block: 'prices', section: 'third', at: 0 }],
  ] as const)('%s goes by %d', (id, by, edit) => {
    const place = placeOf(sections, id)
    expect(place && moveEdit(sections, place, by)).toEqual(edit)
  })

  it('is known of each block, and of no other', () => {
    expect(placeOf(sections, 'lots')).toMatchObject({ at: 1, section: { id: 'first' }, block: { id: 'lots' } })
    expect(placeOf(sections, 'gone')).toBeNull()
  })
})

describe('a title that no grid has', () => {
  it.each([
    ['Cups', 'Cups'],
    ['Lots', 'Lots 2'],
    ['lots', 'lots 2'], // titles are told apart without regard to case
    ['Leaf prices', 'Leaf prices 4'],
    ['Leaf prices 2', 'Leaf prices 4'],
    ['Leaf prices 9', 'Leaf prices 9'],
  ])('for %s is %s', (wanted, title) => {
    const grids = [lots, prices, { ...prices, title: 'Leaf prices 2' }, { ...prices, title: 'Leaf Prices 3' }]
    expect(freeTitle(grids, wanted)).toBe(title)
  })

  it('is what a new grid has, and an id of its own', () => {
    const grids = [lots, { ...prices, title: 'Grid 3' }]
    expect(newGrid(grids)).toMatchObject({ title: 'Grid 4', rows: 6, columns: 4, headings: 0 })
    expect(newGrid(grids).id).not.toBe(newGrid(grids).id)
    expect(newGrid([], 20, 3)).toMatchObject({ title: 'Grid 1', rows: 20, columns: 3 })
  })
})

describe('adding', () => {
  it('puts a grid behind the selected block and selects its first cell', async () => {
    const { open, edits } = page()
    selectCells('B2')
    run(pageCommands(open), 'add-grid')
    await Promise.resolve()
    expect(edits).toMatchObject([{ do: 'addBlock', section: 'first', at: 2, block: { kind: 'grid', title: 'Grid 2' } }])
    const { selection } = useWorksheetStore.getState()
    expect(selection).toMatchObject({ kind: 'cells', focus: { column: 0, row: 0 } })
    expect(selection).not.toMatchObject({ grid: 'lots' })
  })

  it('puts a note at the end of the last section where nothing is selected', () => {
    const { open, edits } = page()
    run(pageCommands(open), 'add-note')
    expect(edits).toMatchObject([{ do: 'addBlock', section: 'third', at: 0, block: { kind: 'note' } }])
  })

  it('makes a chart of the selected cells, and of no others', async () => {
    const { open, edits } = page()
    expect(possible(pageCommands(open))).not.toContain('add-chart')
    selectCells('A1:B8')
    run(pageCommands(open), 'add-chart')
    await Promise.resolve()
    expect(edits).toMatchObject([
      { do: 'addBlock', section: 'first', at: 2, block: { kind: 'chart', grid: 'lots', across: 'A1:A8' } },
    ])
    expect(useWorksheetStore.getState().selection.kind).toBe('chart')
  })

  it('puts a section behind all others', () => {
    const { open, edits } = page()
    run(pageCommands(open), 'add-section')
    expect(edits).toMatchObject([{ do: 'addSection', at: 3, section: { title: 'New section', blocks: [] } }])
  })

  it('needs a section for blocks, and makes one where there is none', () => {
    const { open } = openPage([])
    const now = possible(pageCommands(open))
    expect(now).toContain('add-section')
    expect(now).not.toContain('add-grid')
    expect(now).not.toContain('add-note')
  })
})

describe('the selected block', () => {
  it('is moved, set beside the one before it, and taken off the page', () => {
    const { open, edits } = page()
    selectChart()
    for (const id of ['block-up', 'block-down', 'block-beside', 'block-out']) run(pageCommands(open), id)
    expect(edits).toEqual([
      { do: 'moveBlock', block: 'prices', section: 'first', at: 2 },
      { do: 'moveBlock', block: 'prices', section: 'third', at: 0 },
      { do: 'changeBlock', block: { ...chart, beside: true } },
      { do: 'removeBlock', block: 'prices' },
    ])
  })

  it('is that of the selected cells', () => {
    const { open, edits } = page()
    selectCells('C3')
    run(pageCommands(open), 'block-out')
    expect(edits).toEqual([{ do: 'removeBlock', block: 'lots' }])
  })

  it('stays where it cannot go further', () => {
    const { open, edits } = openPage([sectionOf('only', lots)])
    selectCells('A1')
    run(pageCommands(open), 'block-up')
    run(pageCommands(open), 'block-down')
    expect(edits).toEqual([])
  })

  it('cannot be changed in an earlier state, nor can the page, but be looked at', () => {
    selectCells('A1')
    expect(possible(pageCommands(page(4).open))).toEqual(['section-fold'])
  })
})

describe('titles', () => {
  beforeEach(() => {
    document.body.innerHTML =
      '<header><h1><button title="Change the title">Blend</button></h1></header>' +
      '<section id="block-first"><h2><button title="Change the title">First</button></h2>' +
      '<figure id="block-lots"><figcaption><button title="Change the title">Lots</button></figcaption></figure></section>'
  })

  it.each([
    ['block-title', 'Lots'],
    ['section-title', 'First'],
    ['worksheet-title', 'Blend'],
  ])('%s opens %s in its place', (id, text) => {
    const opened: string[] = []
    for (const button of document.querySelectorAll('button')) {
      button.addEventListener('click', () => opened.push(button.textContent))
    }
    selectCells('A1')
    run(pageCommands(page().open), id)
    expect(opened).toEqual([text])
  })
})
