import { useEffect } from 'react'
import { isPressed, type Command } from '../commands/command'

/** Commands that also work while a field is written in; fields keep their own undo, clear and search for themselves. */
const WORKS_IN_FIELDS = /^(Alt [A-Z]|Ctrl K|F1|F6|Shift F6)$/

/** Runs commands by their keys, anywhere on a worksheet page. */
export function useShortcuts(commands: readonly Command[]) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return
      const target = event.target instanceof HTMLElement ? event.target : null
      const inField = target?.matches('input, textarea, [contenteditable="true"]') ?? false
      const inPanel = target?.closest('[role="dialog"]') != null && !inField
      const command = commands.find(
        ({ keys }) => keys && isPressed(keys, event) && (WORKS_IN_FIELDS.test(keys) || !(inField || inPanel)),
      )
      if (!command) return
      event.preventDefault()
      if (command.isPossible?.() ?? true) command.run()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [commands])
}
