import { useQueryClient } from '@tanstack/react-query'
import { Modal } from 'antd'
import { useContext, useState, type KeyboardEvent } from 'react'
import { useNavigate } from 'react-router'
import { guideQuery, useGuideAnswers, useWorksheets } from '../api/queries'
import { CommandsContext } from '../commands/context'
import { goTo } from '../commands/selected'
import { areaOf } from '../sheet/address'
import { usePanel } from '../worksheet/usePanel'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Finder.module.css'
import { findings, type Finding } from './findings'

/** One field that runs any command and jumps to any cell, name, grid, function or worksheet. */
export function Finder({ text: initial }: { readonly text: string }) {
  const { worksheet, grids } = useOpenWorksheet()
  const commands = useContext(CommandsContext)
  const { data: worksheets = [] } = useWorksheets(null, 1_000)
  const show = useWorksheetStore((state) => state.show)
  const selection = useWorksheetStore((state) => state.selection)
  const { close } = usePanel()
  const navigate = useNavigate()
  const client = useQueryClient()
  const [text, setText] = useState(initial)
  const [chosen, setChosen] = useState(0)
  const question = text.trim()
  const { data, isPlaceholderData } = useGuideAnswers(question)
  const answers = question === '' || isPlaceholderData || !data ? [] : data
  const own = selection.kind === 'cells' ? selection.grid : (grids[0]?.id ?? '')
  const found = findings(text, { commands, worksheet, grids, own, worksheets, answers })
  const current = Math.min(chosen, found.length - 1)

  const take = (finding: Finding | undefined) => {
    if (!finding) return
    close()
    switch (finding.kind) {
      case 'command':
        // After the grid has the focus again, from where a command may take it on, and before the next key.
        queueMicrotask(finding.command.run)
        break
      case 'cells':
        goTo(finding.grid, areaOf(finding.area))
        break
      case 'block':
        document.getElementById(`block-${finding.id}`)?.scrollIntoView({ block: 'start' })
        break
      case 'guide':
        show({ kind: 'guide', entry: finding.entry })
        break
      case 'worksheet':
        void navigate(`/worksheet/${finding.id}`)
        break
    }
  }
  const enter = () => {
    if (found.length > 0 || question === '') take(found[current])
    // What was asked just now may not be answered yet.
    else
      void client.ensureQueryData(guideQuery(question)).then(
        (late) => take(findings(text, { commands, worksheet, grids, own, worksheets, answers: late })[0]),
        () => undefined,
      )
  }
  const press = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setChosen(Math.min(found.length - 1, current + 1))
    else if (event.key === 'ArrowUp') setChosen(Math.max(0, current - 1))
    else if (event.key === 'Enter') enter()
    else return
    event.preventDefault()
  }

  return (
    <Modal
      open
      closable={false}
      footer={null}
      onCancel={close}
      width={600}
      title="Finder"
      className={styles.finder ?? ''}
    >
      <input
        className={styles.field}
        autoFocus
        role="combobox"
        aria-label="What do you want to do, or where do you want to go?"
        aria-expanded
        aria-controls="finder-list"
        aria-activedescendant={found.length > 0 ? `finding-${current}` : undefined}
        placeholder="What you want to do, a cell such as B7, a name, a grid, a function"
        autoComplete="off"
        spellCheck={false}
        value={text}
        onChange={(event) => {
          setText(event.target.value)
          setChosen(0)
        }}
        onKeyDown={press}
      />
      <ul id="finder-list" role="listbox" aria-label="Found" className={styles.list}>
        {found.map((finding, index) => (
          <li
            key={finding.key}
            id={`finding-${index}`}
            role="option"
            aria-selected={index === current}
            aria-disabled={finding.kind === 'command' && !finding.isPossible}
            ref={(item) => {
              if (index === current) item?.scrollIntoView({ block: 'nearest' })
            }}
            onMouseMove={() => setChosen(index)}
            onClick={() => take(finding)}
          >
            <span>{finding.says}</span>
            <span className={styles.aside}>{finding.aside}</span>
            {finding.keys !== '' && <kbd>{finding.keys}</kbd>}
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className={styles.none}>Nothing is called so. Try a word for what it does.</p>}
    </Modal>
  )
}
