/** Something that can be done, by key, from the finder, or from a menu. One declaration serves all three. */
export interface Command {
  readonly id: string
  /** What it does, as on a button. */
  readonly says: string
  readonly group: Group
  /** As shown: `Alt Shift Right`. */
  readonly keys?: string
  /** Other words that people look for it with. */
  readonly also?: string
  /** Whether it can be done now; always, if nothing is said. */
  readonly isPossible?: () => boolean
  readonly run: () => void
}

export type Group = 'Cells' | 'Rows and columns' | 'Page' | 'Charts' | 'View' | 'Worksheet'

const CODES: Readonly<Record<string, string>> = {
  Up: 'ArrowUp',
  Down: 'ArrowDown',
  Left: 'ArrowLeft',
  Right: 'ArrowRight',
}

/** Whether a key press is the command's. Letters are told by their place, since Alt may make other signs of them. */
export function isPressed(keys: string, event: KeyboardEvent): boolean {
  const parts = keys.split(' ')
  const key = parts.at(-1) ?? ''
  const ctrl = event.ctrlKey || event.metaKey
  const asked = (part: string) => parts.includes(part)
  if (ctrl !== asked('Ctrl') || event.altKey !== asked('Alt') || event.shiftKey !== asked('Shift')) return false
  if (/^[A-Z]$/.test(key)) return event.code === `Key${key}` || event.key.toUpperCase() === key
  if (key === '.' || key === ',') return event.code === (key === '.' ? 'Period' : 'Comma') || event.key === key
  if (/^\d$/.test(key)) return event.code === `Digit${key}`
  return event.key === (CODES[key] ?? key)
}
