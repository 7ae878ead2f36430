import type { ChartAxis, Form, Tick } from '../api/types'

/** Places of the data along an axis as it is drawn, and back. */
export interface Along {
  readonly to: (place: number) => number
  readonly from: (drawn: number) => number
  /** Where the axis begins and ends, as it is drawn. */
  readonly ends: readonly [number, number]
  /** How many places there are, where they are counted; else 0. */
  readonly count: number
}

/** An axis of sizes is drawn as it is; things without one, and the fields of a table, are counted from 0. */
export function alongOf(form: Form, axis: ChartAxis, heads: readonly Tick[] = []): Along {
  const counted = form === 'FIELDS' ? heads : axis.places && form !== 'CONTOURS' ? axis.scale.ticks : null
  if (!counted) {
    return { to: (place) => place, from: (drawn) => drawn, ends: [axis.scale.least, axis.scale.most], count: 0 }
  }
  const places = counted.map(({ at }) => at)
  return {
    to: (place) => {
      const index = segment(places.length, (each) => (places[each] ?? 0) <= place === isUpwards(places))
      return index + (place - (places[index] ?? 0)) / width(places, index)
    },
    from: (drawn) => {
      const index = segment(places.length, (each) => each <= drawn)
      return (places[index] ?? 0) + (drawn - index) * width(places, index)
    },
    ends: [-0.5, places.length - 0.5],
    count: places.length,
  }
}

const isUpwards = (places: readonly number[]) => width(places, 0) > 0

/** From one place to the next; what lies outside goes on as at the ends. */
const width = (places: readonly number[], index: number) =>
  (places[index + 1] ?? (places[index] ?? 0) + 1) - (places[index] ?? 0)

/** The last place but one at most that has been passed. */
function segment(count: number, isPassed: (index: number) => boolean): number {
  let index = 0
  while (index < count - 2 && isPassed(index + 1)) index++
  return index
}
