import { useQueryClient } from '@tanstack/react-query'
import { Drawer } from 'antd'
import { useContext, useState } from 'react'
import { guideQuery, useConstants, useFunctions, useGuideAnswers, useGuidePages, useUnits } from '../api/queries'
import type { GuideAnswer } from '../api/types'
import { CommandsContext } from '../commands/context'
import { usePanel } from '../worksheet/usePanel'
import { contentsOf, idOf, type GuideEntry } from './entries'
import { EntryView } from './EntryView'
import styles from './Guide.module.css'

/** The guide: pages on acts, every function, unit and constant; one field searches all of it. */
export function Guide({ entry }: { readonly entry: string }) {
  const { close } = usePanel()
  const { data: functions = [] } = useFunctions()
  const { data: units = [] } = useUnits()
  const { data: constants = [] } = useConstants()
  const { data: pages = [] } = useGuidePages()
  const commands = useContext(CommandsContext)
  const client = useQueryClient()
  const [text, setText] = useState('')
  const [open, setOpen] = useState(entry)
  const question = text.trim()
  const { data: answers } = useGuideAnswers(question)
  const groups = contentsOf(pages, functions, units, constants)
  const shown = groups.flatMap((group) => group.entries).find((each) => each.id === open || each.title === open)

  const visit = (id: string) => {
    setOpen(id)
    setText('')
  }
  const take = (answer: GuideAnswer | undefined) => {
    if (!answer) return
    if (answer.kind !== 'command') {
      visit(idOf(answer))
      return
    }
    close()
    const command = commands.find(({ id }) => id === answer.name)
    if (command) queueMicrotask(command.run)
  }
  return (
    <Drawer open mask={false} title="Guide" size={540} onClose={close} styles={{ body: { paddingTop: 12 } }}>
      <input
        className={styles.search}
        aria-label="Search the guide"
        placeholder="What do you want to do? A function, a unit, a word"
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || question === '') return
          // What was asked just now may not be answered yet.
          void client.ensureQueryData(guideQuery(question)).then(
            ([first]) => take(first),
            () => undefined,
          )
        }}
      />
      {question !== '' ? (
        <Answers answers={answers} onTake={take} />
      ) : shown ? (
        <>
          <button type="button" className={styles.back} onClick={() => setOpen('')}>
            ‹ All of the guide
          </button>
          <EntryView entry={shown} onVisit={visit} />
        </>
      ) : (
        groups.map((group) => (
          <details key={group.title} className={styles.group} open={group.title === 'What you can do'}>
            <summary>
              {group.title} <span>{group.entries.length}</span>
            </summary>
            <List entries={group.entries} onVisit={visit} />
          </details>
        ))
      )}
    </Drawer>
  )
}

const asides: Readonly<Record<GuideAnswer['kind'], string>> = {
  function: '',
  unit: 'unit: ',
  constant: 'constant: ',
  page: '',
  command: 'command',
}

/** What answers a question; where nothing has its words, what is called much like them. */
function Answers({
  answers,
  onTake,
}: {
  readonly answers: readonly GuideAnswer[] | undefined
  readonly onTake: (answer: GuideAnswer) => void
}) {
  if (answers === undefined) return null
  if (answers.length === 0) return <p className={styles.none}>The guide has nothing on that. Try another word.</p>
  return (
    <>
      {answers[0]?.near && <p className={styles.none}>Nothing has these words. The nearest are:</p>}
      <ul className={styles.list} aria-label="Found">
        {answers.map((answer) => (
          <li key={idOf(answer)}>
            <button type="button" onClick={() => onTake(answer)}>
              <b data-code={answer.kind !== 'page' && answer.kind !== 'command'}>{answer.title}</b>
              <span>
                {asides[answer.kind]}
                {answer.kind === 'command' ? '' : answer.says}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}

function List({
  entries,
  onVisit,
}: {
  readonly entries: readonly GuideEntry[]
  readonly onVisit: (id: string) => void
}) {
  return (
    <ul className={styles.list}>
      {entries.map((entry) => (
        <li key={entry.id}>
          <button type="button" onClick={() => onVisit(entry.id)}>
            <b data-code={entry.kind !== 'page'}>{entry.title}</b>
            <span>{entry.says}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
