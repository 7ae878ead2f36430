import type { OpenWorksheet } from '../worksheet/context'
import { goToPart } from './parts'
import { focusScratch } from '../worksheet/focusScratch'
import { useWorksheetStore } from '../worksheet/store'
import { setLook } from '../theme/look'
import { addressOf } from '../sheet/address'
import type { Command } from './command'
import { selectedCells } from './selected'
import type { ReadCell } from './useReadCell'

/** The function that the cursor is in, or the first one of the selected cell; empty where there is none. */
function underCursor({ grids }: OpenWorksheet, read: ReadCell): string {
  const { composing } = useWorksheetStore.getState()
  if (composing) {
    const before = composing.draft.slice(0, composing.cursor)
    const word = /([\p{L}_][\p{L}\d_]*)\(?$/u.exec(before) ?? /([\p{L}_][\p{L}\d_]*)\([^()]*$/u.exec(before)
    return word?.[1] ?? ''
  }
  const selected = selectedCells(grids)
  const entry = selected ? read(selected.grid.id, addressOf(selected.focus))?.entry : undefined
  return /([\p{L}_][\p{L}\d_]*)\(/u.exec(entry ?? '')?.[1] ?? ''
}

/** Panels, the working, and the way back. */
export function viewCommands(
  open: OpenWorksheet,
  read: ReadCell,
  step: (way: 'undo' | 'redo') => void,
): readonly Command[] {
  const { show, toggle } = useWorksheetStore.getState()
  const now = () => open.at === null
  return [
    { id: 'undo', says: 'Undo', group: 'Worksheet', keys: 'Ctrl Z', isPossible: now, run: () => step('undo') },
    { id: 'redo', says: 'Redo', group: 'Worksheet', keys: 'Ctrl Y', isPossible: now, run: () => step('redo') },
    {
      id: 'redo-too',
      says: 'Redo',
      group: 'Worksheet',
      keys: 'Ctrl Shift Z',
      isPossible: now,
      run: () => step('redo'),
    },
    {
      id: 'history',
      says: 'Look at the history',
      group: 'Worksheet',
      keys: 'Alt H',
      also: 'earlier versions changes restore',
      run: () => show({ kind: 'history' }),
    },
    {
      id: 'settings',
      says: 'Worksheet settings …',
      group: 'Worksheet',
      also: 'degrees radians decimal comma grouping style',
      run: () => show({ kind: 'settings' }),
    },
    {
      id: 'hand-over',
      says: 'Hand over …',
      group: 'Worksheet',
      also: 'export save as file download csv json html markdown latex xlsx ods workbook spreadsheet document',
      run: () => show({ kind: 'handOver' }),
    },
    {
      id: 'print',
      says: 'Print …',
      group: 'Worksheet',
      also: 'paper pdf page hand in black and white working',
      run: () => show({ kind: 'print' }),
    },
    {
      id: 'bring-in',
      says: 'Bring in …',
      group: 'Worksheet',
      also: 'import open file upload json xlsx ods csv workbook spreadsheet document',
      isPossible: now,
      run: () => show({ kind: 'bringIn', file: null }),
    },
    {
      id: 'rates',
      says: 'Rates between currencies …',
      group: 'Worksheet',
      also: 'money exchange euro dollar',
      run: () => show({ kind: 'rates' }),
    },
    {
      id: 'find',
      says: 'Find and replace …',
      group: 'Worksheet',
      keys: 'Ctrl F',
      also: 'search',
      run: () => show({ kind: 'find' }),
    },
    {
      id: 'finder',
      says: 'Open the finder',
      group: 'View',
      keys: 'Ctrl K',
      also: 'commands',
      run: () => show({ kind: 'finder', text: '' }),
    },
    {
      id: 'go-to',
      says: 'Go to a cell or name …',
      group: 'View',
      keys: 'Alt G',
      also: 'jump address',
      run: () => show({ kind: 'finder', text: '' }),
    },
    {
      id: 'guide',
      says: 'Open the guide',
      group: 'View',
      keys: 'F1',
      also: 'help functions units',
      run: () => show({ kind: 'guide', entry: underCursor(open, read) }),
    },
    { id: 'lens', says: 'Fold or show the lens', group: 'View', keys: 'Alt L', run: () => toggle('lensOpen') },
    {
      id: 'contents',
      says: 'Fold or show the contents',
      group: 'View',
      keys: 'Alt C',
      run: () => toggle('contentsOpen'),
    },
    {
      id: 'scratch',
      says: 'Go to the scratch line',
      group: 'View',
      keys: 'Alt S',
      also: 'calculator tape',
      run: () => focusScratch(),
    },
    {
      id: 'next-part',
      says: 'Go to the next part of the page',
      group: 'View',
      keys: 'F6',
      also: 'head contents page lens scratch line focus',
      run: () => goToPart(1),
    },
    {
      id: 'part-before',
      says: 'Go to the part of the page before',
      group: 'View',
      keys: 'Shift F6',
      also: 'head contents page lens scratch line focus',
      run: () => goToPart(-1),
    },
    {
      id: 'step',
      says: 'Next step of the working',
      group: 'View',
      keys: 'Alt W',
      run: () => useWorksheetStore.setState((state) => ({ step: state.step + 1 })),
    },
    {
      id: 'main-steps',
      says: 'Main steps only, or all steps of workings',
      group: 'View',
      also: 'fold working ladder short',
      run: () => toggle('mainSteps'),
    },
    {
      id: 'arrows',
      says: 'Draw or hide arrows to and from the cell',
      group: 'View',
      keys: 'Alt A',
      also: 'fed by feeds dependents precedents',
      run: () => toggle('arrows'),
    },
    {
      id: 'echo',
      says: 'See what followed from the last change',
      group: 'View',
      keys: 'Alt E',
      run: () => toggle('echoOpen'),
    },
    { id: 'light', says: 'Light look', group: 'View', also: 'theme', run: () => setLook('light') },
    { id: 'dark', says: 'Dark look', group: 'View', also: 'theme night', run: () => setLook('dark') },
    { id: 'look', says: 'Look as the system says', group: 'View', also: 'theme', run: () => setLook('system') },
  ]
}
