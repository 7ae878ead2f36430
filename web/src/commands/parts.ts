import { focusScratch } from '../worksheet/focusScratch'
import { useWorksheetStore } from '../worksheet/store'

/** The parts of the page, from the top to the foot, left to right. */
const PARTS = ['header', 'nav[aria-label="Contents"]', 'main', 'aside', 'footer']

const FOCUSABLE = 'button:not([disabled]), a[href], input, select, [tabindex="0"]'

/** Gives the keyboard to the next part of the page, or to the one before. */
export function goToPart(by: 1 | -1): void {
  const parts = PARTS.flatMap((part) => document.querySelector<HTMLElement>(part) ?? [])
  const now = parts.findIndex((part) => part.contains(document.activeElement))
  const from = now < 0 && by < 0 ? 0 : now
  enter(parts[(from + by + parts.length) % parts.length])
}

function enter(part: HTMLElement | undefined): void {
  if (!part) return
  if (part.tagName === 'FOOTER') return focusScratch()
  const { selection } = useWorksheetStore.getState()
  const selected = selection.kind === 'cells' ? `#block-${CSS.escape(selection.grid)} [role="grid"]` : '[role="grid"]'
  const target =
    (part.tagName === 'MAIN' && part.querySelector<HTMLElement>(selected)) || part.querySelector<HTMLElement>(FOCUSABLE)
  if (target) return target.focus()
  part.tabIndex = -1
  part.focus()
}
