import { useState } from 'react'

/** A kept line of the tape: what was written, what it was worth as shown, and in full. */
export interface TapeLine {
  readonly entry: string
  readonly display: string
  readonly exact: boolean
  readonly value: string
}

const MOST_LINES = 500

const isLine = (line: unknown): line is TapeLine =>
  typeof line === 'object' && line !== null && 'entry' in line && 'display' in line && 'value' in line

function read(key: string): readonly TapeLine[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
    return Array.isArray(kept) ? kept.filter(isLine) : []
  } catch {
    return []
  }
}

/** The tape of a worksheet, the oldest line first; it stays in this browser. */
export function useTape(worksheet: string) {
  const key = `tape of ${worksheet}`
  const [lines, setLines] = useState(() => read(key))
  const add = (line: TapeLine) => {
    const next = [...lines, line].slice(-MOST_LINES)
    setLines(next)
    localStorage.setItem(key, JSON.stringify(next))
  }
  return { lines, add }
}
