import { useMutation, useQueryClient } from '@tanstack/react-query'
import { App, Button } from 'antd'
import { useNavigate } from 'react-router'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { useWorksheets } from '../api/queries'
import type { Listed } from '../api/types'
import { Mark } from '../worksheet/Mark'
import type { Arrival } from '../worksheet/useFirstKeys'
import { Card } from './Card'
import styles from './StartPage.module.css'

/** The worksheets as small pictures, the examples, and a new one. */
export function StartPage() {
  const { data: worksheets = [], error } = useWorksheets()
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
  const own = worksheets.filter((worksheet) => !worksheet.example)
  const examples = worksheets.filter((worksheet) => worksheet.example)

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
