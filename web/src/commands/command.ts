import { matchKeybindingPress, parseKeybinding, type KeybindingPress } from 'tinykeys'

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

/** As browsers name what is shown in a few letters. A digit is told by its place: with a shift it is another sign. */
const NAMES: Readonly<Record<string, string>> = {
  Up: 'ArrowUp',
  Down: 'ArrowDown',
  Left: 'ArrowLeft',
  Right: 'ArrowRight',
}

/** The names of a key: its sign and its place, since Alt may make other signs of letters. */
function namesOf(key: string): readonly string[] {
  if (/^[A-Z]$/.test(key)) return [key, `Key${key}`]
  if (/^\d$/.test(key)) return [`Digit${key}`]
  if (key === '.') return [key, 'Period']
  return key === ',' ? [key, 'Comma'] : [NAMES[key] ?? key]
}

const read = new Map<string, readonly KeybindingPress[]>()

/** The presses that keys stand for; Ctrl is also the key that takes its place on some keyboards. */
function pressesOf(keys: string): readonly KeybindingPress[] {
  const known = read.get(keys)
  if (known) return known
  const held = keys.split(' ')
  const key = held.pop() ?? ''
  const ways = held.includes('Ctrl') ? ['Control', 'Meta'] : ['']
  const presses = ways.flatMap((ctrl) =>
    namesOf(key).flatMap((name) =>
      parseKeybinding([...held.map((mod) => (mod === 'Ctrl' ? ctrl : mod)), name].join('+')),
    ),
  )
  read.set(keys, presses)
  return presses
}

/** Whether a key press is the command's. */
export function isPressed(keys: string, event: KeyboardEvent): boolean {
  return pressesOf(keys).some((press) => matchKeybindingPress(event, press))
}
