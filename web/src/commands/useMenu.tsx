import type { MenuProps } from 'antd'
import { useContext } from 'react'
import type { Command, Group } from './command'
import { CommandsContext } from './context'

type Items = NonNullable<MenuProps['items']>

const itemOf = (command: Command) => ({
  key: command.id,
  label: command.says,
  extra: command.keys,
  onClick: ({ domEvent }: { readonly domEvent: { stopPropagation(): void } }) => {
    domEvent.stopPropagation()
    command.run()
  },
})

/** A menu of what can be done now: the commands of the first group, those of others in menus of their own. */
export function useMenu(groups: readonly Group[]): MenuProps {
  const commands = useContext(CommandsContext)
  const of = (group: Group) =>
    commands.filter((command) => command.group === group && (command.isPossible?.() ?? true)).map(itemOf)
  const [first, ...others] = groups
  return {
    items: [
      ...(first ? of(first) : []),
      { type: 'divider' },
      ...others.map((group) => ({ key: group, label: group, children: of(group) })),
    ],
  }
}

/** A menu of these commands, in this order, as far as they can be done now. */
export function useMenuOf(ids: readonly string[]): Items {
  const commands = useContext(CommandsContext)
  return ids.flatMap((id) => {
    const command = commands.find((each) => each.id === id)
    return command && (command.isPossible?.() ?? true) ? [itemOf(command)] : []
  })
}
