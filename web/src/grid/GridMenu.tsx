import { Dropdown, Menu } from 'antd'
import { useState, type ReactElement } from 'react'
import { linesOf, selectedCells } from '../commands/selected'
import { useMenu, useMenuOf } from '../commands/useMenu'
import { useOpenWorksheet } from '../worksheet/context'

/** Turned to the other side where there is no room, and moved where neither side has enough. */
const WITHIN_THE_WINDOW = { overflow: { adjustX: true, adjustY: true, shiftX: true, shiftY: true } }

/** The menu of a grid; what can be done is asked when it opens. */
export function GridMenu({ isOff, children }: { readonly isOff: boolean; readonly children: ReactElement }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Dropdown
      menu={{ items: [] }}
      trigger={['contextMenu']}
      disabled={isOff}
      open={isOpen}
      onOpenChange={setOpen}
      align={WITHIN_THE_WINDOW}
      popupRender={() => (isOpen ? <Items onDone={() => setOpen(false)} /> : null)}
    >
      {children}
    </Dropdown>
  )
}

/** What is done with whole columns, as their menu has it. */
const COLUMNS = [
  'column-before',
  'column-behind',
  'columns-out',
  'carry',
  'hide-columns',
  'show-hidden',
  'wider',
  'narrower',
  'sort-up',
  'sort-down',
  'filter',
  'unit',
  'style',
]

/** What is done with whole rows. */
const ROWS = ['row-before', 'row-behind', 'rows-out', 'carry', 'hide-rows', 'show-hidden', 'headings']

function Items({ onDone }: { readonly onDone: () => void }) {
  const { grids } = useOpenWorksheet()
  // As it was opened: the grid may grow under it.
  const [lines] = useState(() => {
    const selected = selectedCells(grids)
    return selected ? linesOf(selected) : 'cells'
  })
  const { items: all } = useMenu(['Cells', 'Rows and columns'])
  const ofLines = useMenuOf(lines === 'columns' ? COLUMNS : ROWS)
  return <Menu items={lines === 'cells' ? (all ?? []) : ofLines} selectable={false} onClick={onDone} />
}
