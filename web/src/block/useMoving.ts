import { createContext, useContext, useEffect, useEffectEvent, useState, type RefObject } from 'react'
import type { Block, Section } from '../api/types'
import { placeOf } from '../commands/pageCommands'
import { useOpenWorksheet } from '../worksheet/context'
import type { Moving } from './moving'

export const MovingContext = createContext<Moving | null>(null)

/** Moving the blocks of the page; nothing before it is loaded, with the first move of the pointer or of the focus. */
export function useMoving(): Moving | null {
  const { at, keep } = useOpenWorksheet()
  const [moving, setMoving] = useState<Moving | null>(null)
  const canChange = at === null
  const put = useEffectEvent((block: string, { section, at }: { section: string; at: number }) => {
    void keep([{ do: 'moveBlock', block, section, at }]).catch(() => undefined)
  })

  useEffect(() => {
    if (!canChange) return undefined
    let made: Moving | null = null
    let isGone = false
    const asked = new AbortController()
    const load = () => {
      asked.abort()
      import('./moving').then(
        (module) => {
          if (isGone) return
          made = module.moving((block, spot) => put(block, spot))
          setMoving(made)
        },
        () => undefined, // without the program it cannot be loaded; nothing can be moved then either
      )
    }
    addEventListener('pointermove', load, { signal: asked.signal })
    addEventListener('focusin', load, { signal: asked.signal })
    return () => {
      isGone = true
      asked.abort()
      made?.stop()
      setMoving(null)
    }
  }, [canChange])
  return moving
}

/** Lets a block be moved by its hold. */
export function useMovableBlock(block: Block, name: string, hold: RefObject<HTMLElement | null>) {
  const { worksheet } = useOpenWorksheet()
  const moving = useContext(MovingContext)
  const spot = placeOf(worksheet.sections, block.id)
  const section = spot?.section.id
  const at = spot?.at

  useEffect(() => {
    const figure = document.getElementById(`block-${block.id}`)
    if (!moving || !hold.current || !figure || section === undefined || at === undefined) return undefined
    return moving.addBlock({ id: block.id, name, section, at, figure, hold: hold.current })
  }, [moving, block.id, name, section, at, hold])
}

/** Lets blocks be put first in a section, by its heading, which is another element once it is unfolded or another level. */
export function useHeadingAsTarget(section: Section, isHidden: boolean, heading: RefObject<HTMLElement | null>) {
  const moving = useContext(MovingContext)
  useEffect(
    () =>
      heading.current ? moving?.addHeading(section.id, `the heading ${section.title}`, heading.current) : undefined,
    [moving, section.id, section.title, section.isPart, isHidden, heading],
  )
}
