import { useMutation, useQueryClient } from '@tanstack/react-query'
import { App, Button } from 'antd'
import { useCallback, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { api, type Reading } from '../api/client'
import { keys } from '../api/keys'
import { useWorksheets } from '../api/queries'
import type { Listed } from '../api/types'
import { KINDS } from '../documents/FileChoice'
import { isTable } from '../documents/reading'
import { useDroppedFile } from '../documents/useDroppedFile'
import { Mark } from '../theme/Mark'
import { toTell } from '../worksheet/brought'
import type { Arrival } from '../worksheet/useFirstKeys'
import { Card } from './Card'
import styles from './StartPage.module.css'
import { TableFile } from './TableFile'

const AT_FIRST = 60
const MOST = 1_000

/** The worksheets as small pictures, the examples, and a new one. */
export function StartPage() {
  const [count, setCount] = useState(AT_FIRST)
  const [text, setText] = useState('')
  const [order, setOrder] = useState<Order>('newest')
  const isOfAll = text.trim() !== '' || order === 'title'
  const { data: own = [], error } = useWorksheets(false, isOfAll ? MOST : count)
  const { data: examples = [] } = useWorksheets(true, AT_FIRST)
  const found = inOrder(own.filter(has(text)), order)
  const foundExamples = examples.filter(has(text))
  const client = useQueryClient()
  const navigate = useNavigate()
  const { message } = App.useApp()
  const create = useMutation({
    mutationFn: () => api.create('New worksheet'),
    onSuccess: async (worksheet) => {
      await client.invalidateQueries({ queryKey: keys.worksheets })
      await navigate(`/worksheet/${worksheet.id}`, { state: { isNew: true } satisfies Arrival })
    },
    onError: (reason) => void message.error(reason.message),
  })

  const bring = useMutation({
    mutationFn: ({ file, query }: { readonly file: File; readonly query: Reading }) => api.bringIn(file, query),
    onSuccess: async ({ worksheet, told, compared }, { file }) => {
      await client.invalidateQueries({ queryKey: keys.worksheets })
      await navigate(`/worksheet/${worksheet.id}`, { state: toTell({ name: file.name, told, compared }) })
    },
    onError: (reason) => void message.error(reason.message, 8),
  })
  const { mutate } = bring
  const [table, setTable] = useState<File | null>(null)
  // Of a table one sees first how it comes in.
  const bringIn = useCallback(
    (file: File) => (isTable(file) ? setTable(file) : mutate({ file, query: { name: file.name } })),
    [mutate],
  )
  useDroppedFile(bringIn)
  const chooser = useRef<HTMLInputElement>(null)

  return (
    <main className={styles.page}>
      <title>Logismos</title>
      <header className={styles.head}>
        <Mark />
        <h1>Logismos</h1>
        <p>Work it out, and show how.</p>
        <Button type="primary" size="large" loading={create.isPending} onClick={() => create.mutate()}>
          New worksheet
        </Button>
        <Button size="large" loading={bring.isPending} onClick={() => chooser.current?.click()}>
          Bring in …
        </Button>
        <input
          ref={chooser}
          type="file"
          accept={KINDS}
          hidden
          aria-label="Document to bring in"
          onChange={(event) => {
            const [file] = event.target.files ?? []
            if (file) bringIn(file)
            event.target.value = ''
          }}
        />
      </header>
      {table && (
        <TableFile
          file={table}
          isComing={bring.isPending}
          onBring={(query) => mutate({ file: table, query })}
          onClose={() => setTable(null)}
        />
      )}
      {error && <p role="alert">{error.message}</p>}
      {own.length > 0 && <Finding text={text} onText={setText} order={order} onOrder={setOrder} />}
      {text.trim() !== '' && found.length === 0 && foundExamples.length === 0 && (
        <p role="status">No worksheet has that in its title.</p>
      )}
      {found.length > 0 && <Shelf title="Your worksheets" worksheets={found} />}
      {!isOfAll && own.length === count && count < MOST && (
        <Button className={styles.older ?? ''} onClick={() => setCount((now) => Math.min(now * 4, MOST))}>
          Show older ones
        </Button>
      )}
      {foundExamples.length > 0 && <Shelf title="Examples to start from" worksheets={foundExamples} />}
    </main>
  )
}

type Order = 'newest' | 'title'

const ORDERS: readonly (readonly [Order, string])[] = [
  ['newest', 'changed last'],
  ['title', 'by title'],
]

/** Whether a worksheet has all the words in its title. */
const has = (text: string) => {
  const words = text.toLowerCase().split(/\s+/)
  return ({ title }: Listed): boolean => words.every((word) => title.toLowerCase().includes(word))
}

/** They come with the one first that was changed last. */
const inOrder = (worksheets: readonly Listed[], order: Order): readonly Listed[] =>
  order === 'newest'
    ? worksheets
    : worksheets.toSorted((one, other) => one.title.localeCompare(other.title, 'en', { numeric: true }))

interface FindingProps {
  readonly text: string
  readonly onText: (text: string) => void
  readonly order: Order
  readonly onOrder: (order: Order) => void
}

/** A word of a title, and the order of the worksheets. */
function Finding({ text, onText, order, onOrder }: FindingProps) {
  return (
    <search className={styles.finding}>
      <input
        type="search"
        aria-label="Find a worksheet by its title"
        placeholder="Find by title"
        value={text}
        onChange={(event) => onText(event.target.value)}
      />
      {ORDERS.map(([each, says]) => (
        <button key={each} type="button" aria-pressed={order === each} onClick={() => onOrder(each)}>
          {says}
        </button>
      ))}
    </search>
  )
}

function Shelf({ title, worksheets }: { readonly title: string; readonly worksheets: readonly Listed[] }) {
  return (
    <section className={styles.shelf} aria-label={title}>
      <h2>{title}</h2>
      <ul>
        {worksheets.map((worksheet) => (
          <Card key={worksheet.id} worksheet={worksheet} />
        ))}
      </ul>
    </section>
  )
}
