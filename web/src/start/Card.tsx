import { useMutation, useQueryClient } from '@tanstack/react-query'
import { App, Dropdown } from 'antd'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api } from '../api/client'
import { keys } from '../api/keys'
import type { Listed } from '../api/types'
import { useNotices } from '../worksheet/useNotices'
import { Picture } from './Picture'
import styles from './StartPage.module.css'

/** A worksheet on the start page: open, rename, duplicate, delete with a way back. */
export function Card({ worksheet }: { readonly worksheet: Listed }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const notices = useNotices()
  const { message } = App.useApp()
  const [title, setTitle] = useState<string | null>(null)
  const again = () => client.invalidateQueries({ queryKey: keys.worksheets })
  const onError = (reason: Error) => void message.error(reason.message)

  const rename = useMutation({
    mutationFn: (next: string) => api.retitle(worksheet.id, next),
    onSuccess: again,
    onError,
  })
  const duplicate = useMutation({
    mutationFn: () => api.copy(worksheet.id, `${worksheet.title} (copy)`),
    onSuccess: async (copy) => {
      await again()
      await navigate(`/worksheet/${copy.id}`)
    },
    onError,
  })
  const bringBack = useMutation({ mutationFn: () => api.bringBack(worksheet.id), onSuccess: again, onError })
  const remove = useMutation({
    mutationFn: () => api.remove(worksheet.id),
    onSuccess: async () => {
      notices.offer(`${worksheet.title} is deleted. It can be brought back for 30 days.`, 'Bring it back', () =>
        bringBack.mutate(),
      )
      await again()
    },
    onError,
  })
  const finish = () => {
    const next = title?.trim() ?? ''
    setTitle(null)
    if (next !== '' && next !== worksheet.title) rename.mutate(next)
  }
  const items = [
    { key: 'rename', label: 'Rename', onClick: () => setTitle(worksheet.title) },
    { key: 'duplicate', label: 'Duplicate', onClick: () => duplicate.mutate() },
    { type: 'divider' as const },
    { key: 'delete', label: 'Delete', danger: true, onClick: () => remove.mutate() },
  ]

  return (
    <li className={styles.place}>
      <Link to={`/worksheet/${worksheet.id}`} className={styles.card}>
        <Picture picture={worksheet.picture} />
        {title === null && <span className={styles.title}>{worksheet.title}</span>}
        {title === null && (
          <span className={styles.when}>
            {'kept '}
            {new Date(worksheet.changedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
          </span>
        )}
      </Link>
      {title !== null && (
        <input
          className={styles.rename}
          aria-label="worksheet title"
          autoFocus
          value={title}
          onChange={(event) => setTitle(event.target.value)}
          onBlur={finish}
          onKeyDown={(event) => {
            if (event.key === 'Enter') finish()
            if (event.key === 'Escape') setTitle(null)
          }}
        />
      )}
      <Dropdown menu={{ items }} trigger={['click']}>
        <button type="button" className={styles.more} aria-label={`What can be done with ${worksheet.title}`}>
          ⋯
        </button>
      </Dropdown>
    </li>
  )
}
