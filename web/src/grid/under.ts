import type { PointerEvent } from 'react'
import { atOf, type At } from '../sheet/address'

export type Point = { readonly clientX: number; readonly clientY: number }

/** The cell under the pointer, with its grid; of a number or letter the first of its line. What lies over is looked through. */
export function cellUnder({ clientX, clientY }: Point): { readonly grid: string; readonly at: At } | null {
  for (const element of document.elementsFromPoint(clientX, clientY)) {
    const cell = element.closest<HTMLElement>('[data-cell]')
    const { grid, cell: address } = cell?.dataset ?? {}
    if (grid && address) return { grid, at: atOf(address) }
    const head = element.closest<HTMLElement>('[data-row], [data-column]')
    const block = head?.closest('[id^="block-"]')?.id.slice('block-'.length)
    if (head && block) {
      return { grid: block, at: { column: Number(head.dataset['column'] ?? 0), row: Number(head.dataset['row'] ?? 0) } }
    }
  }
  return null
}

/** The number that the element under the pointer carries as `data-…`. */
export function numberAt(event: PointerEvent, name: string): number | null {
  const element = event.target instanceof Element ? event.target.closest<HTMLElement>(`[data-${name}]`) : null
  return element ? Number(element.dataset[name]) : null
}

/** While cells are pointed at, the composer lets them be seen. */
export const showPointing = (isPointing: boolean) =>
  document.documentElement.toggleAttribute('data-pointing', isPointing)
