import { useContext } from 'react'
import { ALGEBRA_COMMANDS } from '../commands/algebraCommands'
import { CommandsContext } from '../commands/context'
import styles from './Lens.module.css'

/** What can be done with an expression or a function; each act writes a formula below, which follows. */
export function AlgebraActs() {
  const commands = useContext(CommandsContext)
  const acts = ALGEBRA_COMMANDS.flatMap((id) => commands.find((command) => command.id === id) ?? []).filter(
    (command) => command.isPossible?.() ?? true,
  )
  return acts.length === 0 ? null : (
    <p className={styles.copies} role="group" aria-label="What can be done with it">
      {acts.map((command) => (
        <button key={command.id} type="button" onClick={command.run}>
          {command.says}
        </button>
      ))}
    </p>
  )
}
