import { useSyncExternalStore } from 'react'

/** What the person has chosen: light, dark, or as the system says. */
export type Look = 'light' | 'dark' | 'system'

const KEY = 'look'
const listeners = new Set<() => void>()
const system = window.matchMedia('(prefers-color-scheme: dark)')

const chosen = (): Look => {
  const kept = localStorage.getItem(KEY)
  return kept === 'light' || kept === 'dark' ? kept : 'system'
}

const shown = (): 'light' | 'dark' => {
  const look = chosen()
  return look === 'system' ? (system.matches ? 'dark' : 'light') : look
}

const paint = () => document.documentElement.setAttribute('data-look', shown())

/** Chooses a look; this browser keeps it. */
export function setLook(look: Look): void {
  localStorage.setItem(KEY, look)
  paint()
  listeners.forEach((tell) => tell())
}

system.addEventListener('change', () => {
  paint()
  listeners.forEach((tell) => tell())
})
paint()

// Paper is light.
window.addEventListener('beforeprint', () => document.documentElement.setAttribute('data-look', 'light'))
window.addEventListener('afterprint', paint)

/** The look that is shown. */
export const useLook = (): 'light' | 'dark' =>
  useSyncExternalStore((tell) => {
    listeners.add(tell)
    return () => listeners.delete(tell)
  }, shown)

/** The look that was chosen. */
export const useChosenLook = (): Look =>
  useSyncExternalStore((tell) => {
    listeners.add(tell)
    return () => listeners.delete(tell)
  }, chosen)
