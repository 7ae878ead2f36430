import { Drawer } from 'antd'
import { useState } from 'react'
import { useConstants, useFunctions, useUnits } from '../api/queries'
import { usePanel } from '../worksheet/usePanel'
import { contentsOf, search, type GuideEntry } from './entries'
import { EntryView } from './EntryView'
import styles from './Guide.module.css'

/** The guide: pages on acts, every function, unit and constant; one field searches all of it. */
export function Guide({ entry }: { readonly entry: string }) {
  const { close } = usePanel()
  const { data: functions = [], isPending } = useFunctions()
  const { data: units = [] } = useUnits()
  const { data: constants = [] } = useConstants()
  const [text, setText] = useState('')
  const [open, setOpen] = useState(entry)
  const groups = contentsOf(functions, units, constants)
  const shown = groups.flatMap((group) => group.entries).find((each) => each.id === open || each.title === open)
  const found = text.trim() === '' ? null : search(groups, text)

  const visit = (id: string) => {
    setOpen(id)
    setText('')
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
          const first = found?.[0]
          if (event.key === 'Enter' && first) visit(first.id)
        }}
      />
      {found ? (
        <List entries={found} isPending={isPending} onVisit={visit} />
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
            <List entries={group.entries} isPending={false} onVisit={visit} />
          </details>
        ))
      )}
    </Drawer>
  )
}

function List({
  entries,
  isPending,
  onVisit,
}: {
  readonly entries: readonly GuideEntry[]
  readonly isPending: boolean
  readonly onVisit: (id: string) => void
}) {
  if (entries.length === 0)
    return isPending ? null : <p className={styles.none}>The guide has nothing on that. Try another word.</p>
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
