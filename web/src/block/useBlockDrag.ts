import { useRef, type PointerEvent } from 'react'
import type { Block, Section } from '../api/types'
import { placeOf } from '../commands/pageCommands'
import { useOpenWorksheet } from '../worksheet/context'

/** Where a block would be put down: before or behind the one under the pointer. */
function targetAt(y: number, x: number, sections: readonly Section[], own: string) {
  for (const element of document.elementsFromPoint(x, y)) {
    const id = element.closest<HTMLElement>('[id^="block-"]')?.id.slice('block-'.length)
    if (!id || id === own) continue
    const spot = placeOf(sections, id)
    if (spot) {
      const box = document.getElementById(`block-${id}`)?.getBoundingClientRect()
      const behind = box !== undefined && y > box.top + box.height / 2
      return { section: spot.section.id, at: spot.at + (behind ? 1 : 0), element: `block-${id}`, behind }
    }
    const section = sections.find((each) => each.id === id)
    if (section) return { section: section.id, at: 0, element: `block-${id}`, behind: true }
  }
  return null
}

/** Moving a block by its hold with the pointer. */
export function useBlockDrag(block: Block) {
  const { worksheet, keep } = useOpenWorksheet()
  const marked = useRef<HTMLElement | null>(null)

  const mark = (target: ReturnType<typeof targetAt>) => {
    marked.current?.removeAttribute('data-drop')
    marked.current = target ? document.getElementById(target.element) : null
    marked.current?.setAttribute('data-drop', target?.behind ? 'behind' : 'before')
  }
  const over = (event: PointerEvent) => targetAt(event.clientY, event.clientX, worksheet.sections, block.id)

  return {
    onPointerDown: (event: PointerEvent) => {
      if (event.button !== 0) return
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onPointerMove: (event: PointerEvent) => {
      if (event.buttons === 1) mark(over(event))
    },
    onPointerUp: (event: PointerEvent) => {
      const target = marked.current ? over(event) : null
      mark(null)
      const from = placeOf(worksheet.sections, block.id)
      if (!target || !from) return
      const isBehindItself = target.section === from.section.id && target.at > from.at
      const at = isBehindItself ? target.at - 1 : target.at
      if (target.section === from.section.id && at === from.at) return
      void keep([{ do: 'moveBlock', block: block.id, section: target.section, at }]).catch(() => undefined)
    },
  }
}
