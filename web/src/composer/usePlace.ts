import { useLayoutEffect, useState } from 'react'

const WIDTH = 470
const GAP = 6
const FOOT = 48
const NEEDED = 190

interface Place {
  readonly left: number
  readonly top?: number
  readonly bottom?: number
  readonly width: number
}

function placeAt(id: string): Place {
  const cell = document.getElementById(id)?.getBoundingClientRect()
  if (!cell) return { left: 260, top: 120, width: WIDTH }
  const page = document.querySelector('main')?.getBoundingClientRect()
  const edge = page && page.width > WIDTH ? page.right : window.innerWidth
  const left = Math.max(8, Math.min(cell.left + 4, edge - WIDTH - 8))
  return cell.bottom + NEEDED > window.innerHeight - FOOT && cell.top > NEEDED
    ? { left, bottom: window.innerHeight - cell.top + GAP, width: WIDTH }
    : { left, top: cell.bottom + GAP, width: WIDTH }
}

/** Where the composer stands: under the element, or above it near the foot; it follows when the page scrolls. */
export function usePlace(id: string): Place {
  const [place, setPlace] = useState<Place>(() => placeAt(id))
  useLayoutEffect(() => {
    const follow = () => setPlace(placeAt(id))
    follow()
    window.addEventListener('scroll', follow, true)
    window.addEventListener('resize', follow)
    return () => {
      window.removeEventListener('scroll', follow, true)
      window.removeEventListener('resize', follow)
    }
  }, [id])
  return place
}
