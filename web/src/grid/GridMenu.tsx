import { Dropdown, Menu } from 'antd'
import { useState, type ReactElement } from 'react'
import { useMenu } from '../commands/useMenu'

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
      popupRender={() => (isOpen ? <Items onDone={() => setOpen(false)} /> : null)}
    >
      {children}
    </Dropdown>
  )
}

function Items({ onDone }: { readonly onDone: () => void }) {
  const { items } = useMenu(['Cells', 'Rows and columns'])
  return <Menu items={items ?? []} selectable={false} onClick={onDone} />
}
