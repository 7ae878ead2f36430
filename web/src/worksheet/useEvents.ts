import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api } from '../api/client'
import { keys } from '../api/keys'
import type { Worksheet } from '../api/types'

/** Follows changes that other pages make: what is held is asked for again when it is behind. */
export function useEvents(id: string, isNow: boolean) {
  const client = useQueryClient()
  useEffect(() => {
    if (!isNow || typeof EventSource === 'undefined') return
    const source = new EventSource(api.eventsOf(id))
    source.addEventListener('changed', (event) => {
      const held = client.getQueryData<Worksheet>(keys.outline(id))?.revision ?? 0
      const isBehind = Number(event.data) > held && client.isMutating() === 0
      if (isBehind) void client.invalidateQueries({ queryKey: ['worksheet', id] })
    })
    return () => source.close()
  }, [client, id, isNow])
}
