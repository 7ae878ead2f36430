import type { Cell } from '../api/types'
import { addressOf, areaText, type Area, type At } from '../sheet/address'

interface Props {
  readonly area: Area
  readonly cell: Cell | undefined
  readonly at: At | undefined
}

/** What a screen reader hears on moving. */
export function Announcement({ area, cell, at }: Props) {
  const place = at ? addressOf(at) : ''
  const several = areaText(area) !== place
  const origin = cell?.calculated ? 'calculated ' : ''
  const value = cell?.error ? cell.error.message : cell?.display
  const remark = cell?.remark ? `, remark: ${cell.remark}` : ''
  return (
    <span className="spoken" aria-live="polite">
      {several
        ? `${areaText(area)} selected`
        : `${place}, ${cell?.name ? `${cell.name}, ` : ''}${cell ? `${origin}${value}` : 'empty'}${remark}`}
    </span>
  )
}
