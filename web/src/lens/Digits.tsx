import { useState } from 'react'
import styles from './Lens.module.css'

/** More digits are folded, with both ends in sight. */
const LONG = 60
const FIRST = 24
const LAST = 12

/** All digits of a number; many of them are folded until they are asked for. */
export function Digits({ text }: { readonly text: string }) {
  const [isOpen, setOpen] = useState(false)
  if (text.length <= LONG) return text
  const count = text.replace(/\D/g, '').length
  return (
    <span className={styles.digits}>
      {isOpen ? text : `${text.slice(0, FIRST)} … ${text.slice(-LAST)}`}{' '}
      <button type="button" className={styles.link} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? 'fold' : `show all ${count.toLocaleString('en')} digits`}
      </button>
    </span>
  )
}
