import { useLayoutEffect, useState } from 'react'
import { useCell } from '../api/queries'
import type { Place } from '../api/types'
import { addressOf, areaOf } from '../sheet/address'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Page.module.css'

interface Arrow {
  readonly from: readonly [number, number]
  readonly to: readonly [number, number]
  readonly kind: 'fed by' | 'feeds'
}

/** The middle of what is drawn of an area; null where nothing of it is in view. */
function middle(grid: string, area: string): readonly [number, number] | null {
  const { first, last } = areaOf(area)
  const boxes = [first, last].flatMap((at) => {
    const box = document.getElementById(`cell-${grid}-${addressOf(at)}`)?.getBoundingClientRect()
    return box ? [box] : []
  })
  if (boxes.length === 0) return null
  const left = Math.min(...boxes.map((box) => box.left))
  const right = Math.max(...boxes.map((box) => box.right))
  const top = Math.min(...boxes.map((box) => box.top))
  const bottom = Math.max(...boxes.map((box) => box.bottom))
  return [(left + right) / 2, (top + bottom) / 2]
}

function arrowsOf(grid: string, address: string, fedBy: readonly Place[], feeds: readonly Place[]): readonly Arrow[] {
  const own = middle(grid, address)
  if (!own) return []
  const place = (each: Place) => middle(each.grid, each.area)
  return [
    ...fedBy.flatMap((each) => {
      const from = place(each)
      return from ? [{ from, to: own, kind: 'fed by' as const }] : []
    }),
    ...feeds.flatMap((each) => {
      const to = place(each)
      return to ? [{ from: own, to, kind: 'feeds' as const }] : []
    }),
  ]
}

/** Arrows over the page: from what feeds the selected cell, and to what it feeds. */
export function Arrows() {
  const { worksheet, at } = useOpenWorksheet()
  const selection = useWorksheetStore((state) => state.selection)
  const cell = selection.kind === 'cells' ? { grid: selection.grid, address: addressOf(selection.focus) } : null
  const { data } = useCell(worksheet.id, at, cell?.grid ?? '', cell?.address ?? 'A1', cell !== null)
  const [arrows, setArrows] = useState<readonly Arrow[]>([])
  const grid = cell?.grid ?? ''
  const address = cell?.address ?? ''

  useLayoutEffect(() => {
    const draw = () => setArrows(data && grid !== '' ? arrowsOf(grid, address, data.fedBy, data.feeds) : [])
    draw()
    window.addEventListener('scroll', draw, true)
    window.addEventListener('resize', draw)
    return () => {
      window.removeEventListener('scroll', draw, true)
      window.removeEventListener('resize', draw)
    }
  }, [data, grid, address])

  return (
    <svg className={styles.arrows} aria-hidden="true">
      <defs>
        <marker
          id="arrow-head"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="8"
          markerHeight="8"
          orient="auto-start-reverse"
        >
          <path d="M0 0 8 4 0 8 2 4Z" fill="context-stroke" />
        </marker>
      </defs>
      {arrows.map(({ from, to, kind }, index) => {
        const bend = Math.min(60, Math.hypot(to[0] - from[0], to[1] - from[1]) / 4)
        return (
          <path
            key={index}
            data-kind={kind}
            d={`M${from[0]} ${from[1]} Q${(from[0] + to[0]) / 2} ${(from[1] + to[1]) / 2 - bend} ${to[0]} ${to[1]}`}
            markerEnd="url(#arrow-head)"
          />
        )
      })}
    </svg>
  )
}
