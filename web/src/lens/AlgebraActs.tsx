import { useContext, useId } from 'react'
import type { Cell } from '../api/types'
import { ALGEBRA_COMMANDS, namesOfCells, writtenIn } from '../commands/algebraCommands'
import { CommandsContext } from '../commands/context'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'

/** More letters are not offered one by one. */
const MOST_LETTERS = 8

/** What can be done with an expression, a function or a formula; each act writes a formula below, which follows. */
export function AlgebraActs({ cell }: { readonly cell: Cell }) {
  const { worksheet } = useOpenWorksheet()
  const commands = useContext(CommandsContext)
  const acts = ALGEBRA_COMMANDS.flatMap((id) => commands.find((command) => command.id === id) ?? []).filter(
    (command) => command.isPossible?.() ?? true,
  )
  const written = writtenIn(cell, namesOfCells(worksheet.names))
  if (acts.length === 0) return null
  const buttons = (
    <>
      {written && written.letters.length > 1 && <Letters letters={written.letters.slice(0, MOST_LETTERS)} />}
      <p className={styles.copies} role="group" aria-label="What can be done with it">
        {acts.map((command) => (
          <button key={command.id} type="button" onClick={command.run}>
            {command.says}
          </button>
        ))}
      </p>
    </>
  )
  return written?.isFormula ? (
    <details className={styles.more}>
      <summary>Differentiate, solve for a cell, …</summary>
      {buttons}
    </details>
  ) : (
    buttons
  )
}

/** By which letter it is differentiated, solved and so on. */
function Letters({ letters }: { readonly letters: readonly string[] }) {
  const chosen = useWorksheetStore((state) => state.letter)
  const group = useId()
  const current = letters.find((each) => each === chosen) ?? letters[0]
  return (
    <div className={styles.letters} role="radiogroup" aria-label="The letter it is done by">
      by
      {letters.map((letter) => (
        <label key={letter}>
          <input
            type="radio"
            name={group}
            checked={letter === current}
            onChange={() => useWorksheetStore.setState({ letter })}
          />
          <span>{letter}</span>
        </label>
      ))}
    </div>
  )
}
