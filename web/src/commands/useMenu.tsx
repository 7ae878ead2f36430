import type { MenuProps } from 'antd'
import { useContext } from 'react'
import type { Command, Group } from './command'
import { CommandsContext } from './context'

/** A menu of the commands of some groups that are possible now. */
export function useMenu(groups: readonly Group[]): MenuProps {
  const commands = useContext(CommandsContext)
  const item = (command: Command) => ({
    key: command.id,
    disabled: !(command.isPossible?.() ?? true),
    label: command.says,
    extra: command.keys,
    onClick: ({ domEvent }: { readonly domEvent: { stopPropagation(): void } }) => {
      domEvent.stopPropagation()
      command.run()
    },
  })
  return {
    items: groups.flatMap((group, index) => [
      ...(index > 0 ? [{ type: 'divider' as const }] : []),
      ...commands.filter((command) => command.group === group).map(item),
    ]),
  }
}
