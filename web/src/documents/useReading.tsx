import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { api, type Reading } from '../api/client'
import { keys } from '../api/keys'
import { asked, isTable, NOTHING_CHOSEN, type Chosen } from './reading'
import { TableReading } from './TableReading'
import styles from './TableReading.module.css'

/** How a file is going to be read. */
interface Read {
  /** Whether it is a table of values, of which a person sees how they come in. */
  readonly isTable: boolean
  /** Whether something is not known or not chosen yet, without which it cannot come in. */
  readonly isOpen: boolean
  /** What was chosen, as the server takes it. */
  readonly query: Reading
  /** What shows it, and takes choices. */
  readonly part: ReactNode
}

/** Recognises how a file of values is written; asked again after each choice. What was chosen holds for this file. */
export function useReading(file: File | null): Read {
  const [choice, setChoice] = useState<{ readonly of: File | null; readonly chosen: Chosen }>({
    of: file,
    chosen: NOTHING_CHOSEN,
  })
  const chosen = choice.of === file ? choice.chosen : NOTHING_CHOSEN
  const table = file !== null && isTable(file) ? file : null
  const name = file?.name ?? ''
  const { data, error, isPlaceholderData } = useQuery({
    enabled: table !== null,
    queryKey: keys.reading(table, chosen),
    queryFn: ({ signal }) => api.reading(table ?? new Blob(), asked(chosen, name), signal),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
  const isOpen = table !== null && (!data || isPlaceholderData || data.columns.some(({ kind }) => kind === null))
  const part = table && (
    <>
      {data && (
        <TableReading read={data} chosen={chosen} onChoose={(other) => setChoice({ of: file, chosen: other })} />
      )}
      {error && (
        <p role="alert" className={styles.open}>
          {error.message}
        </p>
      )}
    </>
  )
  return { isTable: table !== null, isOpen, query: asked(chosen, name), part }
}
