import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api } from '../api/client'
import { keys } from '../api/keys'
import type { Worksheet } from '../api/types'

/**
 * Follows changes that other pages make: what is held is asked for again when it is behind. A page that is not seen
 * does not listen, since browsers have few connections to one address; it catches up when it is seen again.
 */
export function useEvents(id: string, isNow: boolean) {
  const client = useQueryClient()
  useEffect(() => {
    if (!isNow || typeof EventSource === 'undefined') return
    let source: EventSource | null = null

    const catchUp = (revision: number) => {
      const held = client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0
      const isBehind = revision > held && client.isMutating() === 0
      if (isBehind) void client.invalidateQueries({ queryKey: ['worksheet', id] })
    }
    const listen = () => {
      source?.close()
      source = null
      if (document.visibilityState !== 'visible') return
      source = new EventSource(api.eventsOf(id))
      source.addEventListener('changed', (event) => catchUp(Number(event.data)))
      // Rates between currencies have changed, say: everything has to be asked for again.
      source.addEventListener('reread', () => void client.invalidateQueries({ queryKey: ['worksheet', id] }))
      let wasLost = false
      source.addEventListener('error', () => {
        wasLost = true
      })
      source.addEventListener('open', () => {
        // Another program may answer now, with a backup in the place of what was there.
        if (wasLost && client.isMutating() === 0) void client.invalidateQueries()
        wasLost = false
        // What happened while nobody listened.
        void api.worksheet(id, null).then(
          (worksheet) => catchUp(worksheet.revision),
          () => undefined,
        )
      })
    }
    listen()
    document.addEventListener('visibilitychange', listen)
    return () => {
      document.removeEventListener('visibilitychange', listen)
      source?.close()
    }
  }, [client, id, isNow])
}
