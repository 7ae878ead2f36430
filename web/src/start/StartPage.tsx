import { useMutation, useQueryClient } from '@tanstack/react-query'
import { App, Button } from 'antd'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { useWorksheets } from '../api/queries'
import type { Listed } from '../api/types'
import { Mark } from '../theme/Mark'
import type { Arrival } from '../worksheet/useFirstKeys'
import { Card } from './Card'
import styles from './StartPage.module.css'

const AT_FIRST = 60
const MOST = 1_000

/** The worksheets as small pictures, the examples, and a new one. */
export function StartPage() {
  const [count, setCount] = useState(AT_FIRST)
  const { data: own = [], error } = useWorksheets(false, count)
  const { data: examples = [] } = useWorksheets(true, AT_FIRST)
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
      </header>
      {error && <p role="alert">{error.message}</p>}
      {own.length > 0 && <Shelf title="Your worksheets" worksheets={own} />}
      {own.length === count && count < MOST && (
        <Button className={styles.older ?? ''} onClick={() => setCount((now) => Math.min(now * 4, MOST))}>
          Show older ones
        </Button>
      )}
      {examples.length > 0 && <Shelf title="Examples to start from" worksheets={examples} />}
    </main>
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
