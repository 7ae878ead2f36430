import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Cell, EchoLine, Kept } from '../api/types'
import { areaText } from '../sheet/address'
import type { Notices } from '../worksheet/useNotices'
import { useWorksheetStore } from '../worksheet/store'
import { cellCommands, lossOf } from './cellCommands'
import { cellOf, lots, nothingKept, openPage, possible, run, sectionOf, selectCells } from './page.fixture'
import { selectedCells } from './selected'

/** What was told, line by line. */
function listening() {
  const told: string[] = []
  const tell = (text: string) => void told.push(text)
  const offer = (text: string, label: string, act: () => void) => {
    told.push(`${text} [${label}]`)
    act()
  }
  const notices: Notices = {
    tell,
    warn: tell,
    refuse: tell,
    offer,
    keep: offer,
    offerAny: tell,
    choose: tell,
    forget: () => undefined,
  }
  return { told, notices }
}

function commandsOf(cells: readonly Cell[] = [], kept: Kept = nothingKept, at: number | null = null) {
  const sent = openPage([sectionOf('first', lots)], at, kept)
  const { told, notices } = listening()
  const read = (grid: string, address: string) => cells.find((cell) => cell.grid === grid && cell.address === address)
  return { ...sent, told, commands: cellCommands(sent.open, read, notices, (way) => told.push(way)) }
}

const line = (called: string, failed = false): EchoLine => ({
  grid: 'lots',
  gridTitle: 'Lots',
  address: 'A1',
  called,
  before: '1',
  after: failed ? 'no value' : '2',
  failed,
})
const keptWith = (results: readonly EchoLine[], changed: readonly Cell[] = []): Kept => ({
  ...nothingKept,
  changed,
  echo: { message: '', results },
})
const settled = () => new Promise((resolve) => setTimeout(resolve))

beforeEach(() => useWorksheetStore.getState().reset())

describe('what is lost with calculated cells', () => {
  it.each([
    [[], ['B2'], ''],
    [[line('B9')], ['B2'], 'B2 was calculated, and these used it: B9.'],
    [[line('B9', true)], ['B2'], 'B2 was calculated. Without it these have no value: B9.'],
    [[line('B9'), line('total', true)], ['B2'], 'B2 was calculated. Without it these have no value: total.'],
    [
      ['C1', 'C2', 'C3', 'C4', 'C5', 'C6'].map((called) => line(called, true)),
      ['B2', 'B3'],
      '2 cells were calculated. Without it these have no value: C1, C2, C3, C4 and 2 more.',
    ],
  ])('is told (%#)', (results, cleared, text) => {
    expect(lossOf(keptWith(results), cleared)).toBe(text)
  })
})

describe('clearing', () => {
  it('offers to bring back what others used', async () => {
    const { acts, told, commands } = commandsOf([cellOf('lots', 'B2', '=A2*2', '8')], keptWith([line('total', true)]))
    selectCells('B2')
    run(commands, 'clear')
    await settled()
    expect(acts).toEqual([{ do: 'clear', grid: 'lots', area: 'B2' }])
    expect(told).toEqual(['B2 was calculated. Without it these have no value: total. [Bring it back]', 'undo'])
  })

  it('says nothing of values that were typed, or of results that nobody used', async () => {
    const typed = commandsOf([cellOf('lots', 'B2', '8')], keptWith([line('total')]))
    const unused = commandsOf([cellOf('lots', 'B2', '=8')])
    selectCells('B2')
    run(typed.commands, 'clear')
    run(unused.commands, 'clear')
    await settled()
    expect(typed.told.concat(unused.told)).toEqual([])
  })

  it('says nothing more where it was refused', async () => {
    const { open } = commandsOf()
    const { told, notices } = listening()
    const refusing = { ...open, act: () => Promise.reject(new Error('There is nothing in B2 to clear.')) }
    selectCells('B2')
    run(
      cellCommands(
        refusing,
        () => undefined,
        notices,
        () => undefined,
      ),
      'clear',
    )
    await settled()
    expect(told).toEqual([])
  })
})

describe('going on', () => {
  it.each([
    ['continue-down', 'ROWS', ['B4', 'B5', 'B6'], 'B2:B6'],
    ['continue-right', 'COLUMNS', ['C2', 'D2', 'C3', 'D3'], 'B2:D3'],
  ] as const)('%s selects as far as it came', async (id, axis, filled, area) => {
    const { acts, commands } = commandsOf(
      [],
      keptWith([], [...filled.map((address) => cellOf('lots', address, '5')), cellOf('other', 'E8', '1')]),
    )
    selectCells('B2:B3')
    run(commands, id)
    await settled()
    expect(acts).toEqual([{ do: 'goOn', grid: 'lots', area: 'B2:B3', axis }])
    const now = selectedCells([lots])
    expect(now && areaText(now.area)).toBe(area)
  })
})

describe('sorting', () => {
  it.each([
    ['sort-up', 'B2:C5', 'B2:C5', 2, false],
    ['sort-down', 'B1:C5', 'B2:C5', 2, true], // headings stay where they are
    ['sort-up', 'C4', 'C4', 2, false], // one cell stands for the table around it
    ['sort-down', 'B3:D3', 'B3:D3', 3, true], // and so does one row
  ])('%s of %s orders %s by the column in focus', (id, area, sorted, by, descending) => {
    const { acts, commands } = commandsOf()
    selectCells(area)
    run(commands, id)
    expect(acts).toEqual([{ do: 'sort', grid: 'lots', area: sorted, by, descending }])
  })
})

describe('other acts on cells', () => {
  it('fills and names only several cells', () => {
    const { acts, commands } = commandsOf()
    selectCells('B2')
    expect(possible(commands)).not.toContain('fill-table')
    expect(possible(commands)).not.toContain('name-by-labels')
    selectCells('A1:C3')
    run(commands, 'fill-table')
    run(commands, 'name-by-labels')
    expect(acts).toEqual([
      { do: 'fillTable', grid: 'lots', area: 'A1:C3' },
      { do: 'nameByLabels', grid: 'lots', area: 'A1:C3' },
    ])
  })

  it.each([
    ['series', 'series'],
    ['name', 'name'],
    ['remark', 'remark'],
    ['style', 'style'],
  ])('%s asks in a panel', (id, kind) => {
    selectCells('B2')
    run(commandsOf().commands, id)
    expect(useWorksheetStore.getState().panel).toEqual({ kind })
  })

  it.each([
    ['B2:C3', 'cells'],
    ['A2:E3', 'rows'],
    ['B1:C8', 'columns'],
  ])('carries %s as %s', (area, lines) => {
    selectCells(area)
    run(commandsOf().commands, 'carry')
    const { carrying } = useWorksheetStore.getState()
    expect(carrying?.lines).toBe(lines)
    expect(carrying && areaText(carrying.from)).toBe(area)
  })

  it('can do nothing with an earlier state', () => {
    selectCells('A1:B2')
    expect(possible(commandsOf([], nothingKept, 2).commands)).toEqual([])
  })
})

describe('copying as shown', () => {
  it.each([
    [[cellOf('lots', 'B2', '2', '2')], 'Copied as shown.'],
    [
      [{ ...cellOf('lots', 'B2', '=1/3', '0.333'), full: '1/3' }],
      'Copied as shown. One value has more digits than that.',
    ],
    [
      [
        { ...cellOf('lots', 'B2', '=1/3', '0.333'), full: '1/3' },
        { ...cellOf('lots', 'C3', '=2/3', '0.667'), full: '2/3' },
      ],
      'Copied as shown. 2 values have more digits than that.',
    ],
  ])('says what digits it leaves behind (%#)', async (cells, message) => {
    const writeText = vi.spyOn(navigator.clipboard, 'writeText').mockResolvedValue()
    const { told, commands } = commandsOf(cells)
    selectCells('B2:C3')
    run(commands, 'copy-shown')
    await settled()
    const at = (address: string) => cells.find((cell) => cell.address === address)?.display ?? ''
    expect(writeText).toHaveBeenCalledWith(`${at('B2')}\t${at('C2')}\n${at('B3')}\t${at('C3')}`)
    expect(told).toEqual([message])
  })
})
