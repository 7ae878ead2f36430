import { useLayoutEffect, useState, type CSSProperties, type RefObject } from 'react'
import { placed } from './place'

const WIDTH = 470
const EDGE = 8
/** What the line at the foot of the page takes. */
const FOOT = 48

/** Before it is drawn its height is not known. */
const USUAL_HEIGHT = 190

function placeAt(id: string, card: HTMLElement | null): CSSProperties {
  const width = Math.min(WIDTH, window.innerWidth - 2 * EDGE)
  const cell = document.getElementById(id)?.getBoundingClientRect()
  if (!cell) return { left: EDGE, top: 120, width }
  const main = document.querySelector('main')?.getBoundingClientRect()
  const right = main && main.width > WIDTH ? main.right : window.innerWidth
  const page = { left: EDGE, top: EDGE, right: right - EDGE, bottom: window.innerHeight - FOOT }
  const referred = [...document.querySelectorAll('[data-reference]')].map((each) => each.getBoundingClientRect())
  const place = placed(cell, referred, { width, height: card?.offsetHeight ?? USUAL_HEIGHT }, page)
  return place.hangs
    ? { left: place.left, top: place.edge, width }
    : { left: place.left, bottom: window.innerHeight - place.edge, width }
}

/**
 * Where the composer stands beside the cell: it follows when the page scrolls, and moves where it would cover what is
 * referred to.
 */
export function usePlace(id: string, card: RefObject<HTMLElement | null>, references: unknown): CSSProperties {
  const [place, setPlace] = useState(() => placeAt(id, null))
  useLayoutEffect(() => {
    const follow = () => setPlace(placeAt(id, card.current))
    follow()
    window.addEventListener('scroll', follow, true)
    window.addEventListener('resize', follow)
    return () => {
      window.removeEventListener('scroll', follow, true)
      window.removeEventListener('resize', follow)
    }
  }, [id, card, references])
  return place
}
