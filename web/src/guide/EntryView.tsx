import { Button } from 'antd'
import { useState } from 'react'
import { useCalculation } from '../api/queries'
import type { FunctionEntry, UnitEntry } from '../api/types'
import { newGrid } from '../commands/pageCommands'
import { selectedCells } from '../commands/selected'
import { addressOf } from '../sheet/address'
import { Ladder } from '../lens/Ladder'
import { NoteText } from '../page/NoteText'
import { usePanel } from '../worksheet/usePanel'
import { Typeset } from '../typeset/Typeset'
import { isMathematics, isNumber, typesetSign } from '../typeset/whole'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import type { GuideEntry } from './entries'
import styles from './Guide.module.css'
import { Words } from '../typeset/Words'

interface Props {
  readonly entry: GuideEntry
  readonly onVisit: (id: string) => void
}

/** One page of the guide. */
export function EntryView({ entry, onVisit }: Props) {
  switch (entry.kind) {
    case 'page':
      return (
        <article className={styles.article}>
          <h2>{entry.title}</h2>
          <NoteText text={entry.page.text} />
          <Examples expressions={entry.page.examples} />
        </article>
      )
    case 'function':
      return <FunctionView entry={entry.entry} onVisit={onVisit} />
    case 'unit':
      return <UnitView entry={entry.entry} />
    case 'constant':
      return (
        <article className={styles.article}>
          <h2>
            <code>{entry.title}</code>
          </h2>
          <p>{entry.says}</p>
          <Examples expressions={[entry.title]} />
          <p className={styles.source}>{entry.entry.source}</p>
        </article>
      )
  }
}

function FunctionView({ entry, onVisit }: { readonly entry: FunctionEntry; readonly onVisit: (id: string) => void }) {
  return (
    <article className={styles.article}>
      <h2>
        <code>
          {entry.name}(
          {entry.arguments
            .map(
              (argument) => argument.name + (argument.fallback === null ? '' : '?') + (argument.repeated ? ', …' : ''),
            )
            .join(', ')}
          )
        </code>
      </h2>
      <p>{entry.says}</p>
      {entry.arguments.length > 0 && (
        <dl className={styles.arguments}>
          {entry.arguments.map((argument) => (
            <div key={argument.name}>
              <dt>{argument.name}</dt>
              <dd>
                {argument.takes}: {argument.says}
                {argument.fallback !== null && (
                  <span className={styles.aside}> {argument.fallback} where it is left out</span>
                )}
              </dd>
            </div>
          ))}
        </dl>
      )}
      <Examples expressions={entry.examples.map((example) => example.expression)} />
      {entry.errors.length > 0 && (
        <>
          <h3>Where it has no value</h3>
          <ul className={styles.refusals}>
            {entry.errors.map((error) => (
              <Refused key={error.expression} expression={error.expression} />
            ))}
          </ul>
        </>
      )}
      {entry.related.length > 0 && (
        <p>
          {'See also '}
          {entry.related.map((name) => (
            <button key={name} type="button" className={styles.chip} onClick={() => onVisit(name)}>
              {name}
            </button>
          ))}
        </p>
      )}
      <p className={styles.source}>
        {entry.category}
        {entry.synonyms.length > 0 && ` · also read as ${entry.synonyms.join(', ')}`}
        {entry.openFormula && ` · OpenFormula ${entry.openFormula}`}
        {entry.source !== '' && ` · ${entry.source}`}
      </p>
    </article>
  )
}

function UnitView({ entry }: { readonly entry: UnitEntry }) {
  return (
    <article className={styles.article}>
      <h2>
        <code>{entry.symbol}</code> {entry.name}
      </h2>
      <p>
        A unit of {entry.measures}. One of it is {entry.exact ? '' : 'about '}
        {entry.factor} in coherent SI units{entry.sample ? ', by a sample rate that you can edit' : ''}.
      </p>
      <p>
        {entry.others.length > 0 && `Also written ${entry.others.join(', ')}. `}
        {entry.prefixes.includes('si') && 'Takes SI prefixes. '}
        {entry.prefixes.includes('large') && 'Takes the SI prefixes from kilo up. '}
        {entry.prefixes.includes('bin') && 'Takes binary prefixes. '}
        {entry.ucum && `In UCUM ${entry.ucum}.`}
      </p>
      <Examples expressions={[`2 ${entry.symbol} * 3`]} />
      <p className={styles.source}>{entry.source}</p>
    </article>
  )
}

function Examples({ expressions }: { readonly expressions: readonly string[] }) {
  if (expressions.length === 0) return null
  return (
    <>
      <h3>Examples</h3>
      <ul className={styles.examples}>
        {expressions.map((expression) => (
          <ExampleRow key={expression} expression={expression} />
        ))}
      </ul>
    </>
  )
}

/** An example with its value and, on demand, its working; it can be put into a cell or a new grid. */
function ExampleRow({ expression }: { readonly expression: string }) {
  const { grids, worksheet, at, keep } = useOpenWorksheet()
  const { close } = usePanel()
  const [isOpen, setOpen] = useState(false)
  const { data } = useCalculation(expression)
  const selected = at === null ? selectedCells(grids) : null
  const isEntry = /^\p{L}[\p{L}\d_]*\s*=/u.test(expression)
  const text = isEntry ? expression : `=${expression}`

  const intoCell = () => {
    if (!selected) return
    const cell = addressOf(selected.focus)
    // An entry that is being written goes on with the example.
    const { composing, writer } = useWorksheetStore.getState()
    if (composing && writer) {
      writer.insert(composing.draft.trim() === '' ? text : expression)
      close()
      return
    }
    keep([{ do: 'enter', grid: selected.grid.id, cells: [{ cell, text }] }]).then(close, () => undefined)
  }
  const intoGrid = () => {
    const section = worksheet.sections.at(-1)
    if (!section) return
    const grid = newGrid(grids, 3, 2)
    const shown = { cell: 'A1', text: `"${expression.replaceAll('"', '""')}"` }
    keep([
      { do: 'addBlock', section: section.id, block: { ...grid, widths: { 0: 220 } }, at: section.blocks.length },
      { do: 'enter', grid: grid.id, cells: [shown, { cell: 'B1', text }] },
    ]).then(
      () => {
        close()
        requestAnimationFrame(() => document.getElementById(`block-${grid.id}`)?.scrollIntoView({ block: 'center' }))
      },
      () => undefined,
    )
  }

  return (
    <li>
      <div className={styles.example}>
        <code>{expression}</code>
        <output>
          {data?.error ? (
            <span className={styles.failed}>
              <Words text={data.error.message} />
            </span>
          ) : (
            data && (
              <>
                {(isNumber(data.result) && typesetSign(data.result)) || '= '}
                {isMathematics(data.result) ? (
                  <Typeset latex={data.result.latex} spoken={data.result.display} />
                ) : (
                  data.result.display
                )}
              </>
            )
          )}
        </output>
      </div>
      <div className={styles.uses}>
        {data && data.steps.length > 0 && (
          <Button size="small" type="link" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            Working
          </Button>
        )}
        {selected && (
          <Button size="small" type="link" onClick={intoCell}>
            Put into {addressOf(selected.focus)}
          </Button>
        )}
        {at === null && worksheet.sections.length > 0 && (
          <Button size="small" type="link" onClick={intoGrid}>
            New grid with it
          </Button>
        )}
      </div>
      {isOpen && data && <Ladder calculation={data} />}
    </li>
  )
}

function Refused({ expression }: { readonly expression: string }) {
  const { data } = useCalculation(expression)
  return (
    <li>
      <code>{expression}</code> <Words text={data?.error?.message ?? ''} />
    </li>
  )
}
