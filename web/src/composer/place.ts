/** Edges on the screen, in pixels from its corner. */
export interface Box {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}

/** Where the composer's corner stands, and whether that is its foot: then it grows upwards. */
export interface Place {
  readonly left: number
  readonly edge: number
  readonly hangs: boolean
}

const GAP = 6

const overlap = (one: Box, other: Box) =>
  Math.max(0, Math.min(one.right, other.right) - Math.max(one.left, other.left)) *
  Math.max(0, Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top))

/**
 * Under its cell or above it, never over it. Formulas mostly refer to what stands to the left, and above and below in
 * the same column: so it stands to the right first, and elsewhere where it would cover cells that it refers to.
 */
export function placed(cell: Box, referred: readonly Box[], card: { width: number; height: number }, page: Box): Place {
  const farthest = Math.max(page.left, page.right - card.width)
  const within = (left: number) => Math.max(page.left, Math.min(left, farthest))
  const lefts = [within(cell.right + GAP), within(cell.left + 4), within(cell.left - GAP - card.width)]
  const places = lefts.flatMap((left) => [
    { left, edge: cell.bottom + GAP, hangs: true },
    { left, edge: cell.top - GAP, hangs: false },
  ])
  const boxOf = ({ left, edge, hangs }: Place) => ({
    left,
    right: left + card.width,
    top: hangs ? edge : edge - card.height,
    bottom: hangs ? edge + card.height : edge,
  })
  const cost = (place: Place) => {
    const box = boxOf(place)
    const outside = Math.max(0, box.bottom - page.bottom) + Math.max(0, page.top - box.top)
    return outside * card.width + referred.reduce((sum, each) => sum + overlap(box, each), 0)
  }
  return places.reduce((best, each) => (cost(each) < cost(best) ? each : best))
}
