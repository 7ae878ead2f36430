import { useRef, type KeyboardEvent } from 'react'
import styles from './Writing.module.css'

/** Signs that keyboards lack, with what they are called and what is written for them. */
const SIGNS: readonly { readonly sign: string; readonly says: string; readonly text?: string }[] = [
  { sign: 'π', says: 'pi' },
  { sign: '√', says: 'square root' },
  { sign: '×', says: 'times' },
  { sign: '÷', says: 'divided by' },
  { sign: '²', says: 'squared' },
  { sign: '³', says: 'cubed' },
  { sign: 'xⁿ', says: 'xⁿ, to the power of', text: '^' },
  { sign: '!', says: 'factorial' },
  { sign: '≤', says: 'at most' },
  { sign: '≥', says: 'at least' },
  { sign: '≠', says: 'not equal to' },
  { sign: '°', says: 'degrees' },
  { sign: 'µ', says: 'micro' },
  { sign: 'Ω', says: 'ohm' },
]

/** The palette of signs; `Alt P` leads into it, arrows through it, `Esc` back to the entry. */
export function Signs({ onInsert: insert }: { readonly onInsert: (text: string) => void }) {
  const list = useRef<HTMLDivElement>(null)

  const press = (event: KeyboardEvent) => {
    const buttons = [...(list.current?.querySelectorAll('button') ?? [])]
    const at = buttons.findIndex((button) => button === document.activeElement)
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
    if (by !== undefined) buttons[(at + by + buttons.length) % buttons.length]?.focus()
    else if (event.key === 'Escape') insert('')
    else return
    event.preventDefault()
    event.stopPropagation()
  }

  return (
    <div className={styles.signs} role="toolbar" aria-label="Signs" ref={list} onKeyDown={press} data-signs>
      {SIGNS.map(({ sign, says, text = sign }, index) => (
        <button
          key={sign}
          type="button"
          tabIndex={index === 0 ? 0 : -1}
          aria-label={says}
          title={says}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => insert(text)}
        >
          {sign}
        </button>
      ))}
      <kbd>Alt P</kbd>
    </div>
  )
}
