import type { Block, Edit, Kept, Section } from '../api/types'

const MOST_NAMED = 4

/** A grid that is taken off the page, with the charts that draw its cells and stay. */
export interface Gone {
  readonly title: string
  readonly charts: readonly string[]
}

function listed(names: readonly string[]): string {
  const rest = names.length - MOST_NAMED
  return names.slice(0, MOST_NAMED).join(', ') + (rest > 0 ? ` and ${rest} more` : '')
}

const draws = (block: Block, grid: string) =>
  block.kind === 'chart' &&
  block.series.some(({ source }) => source.of === 'cells' && (source.grid ?? block.grid) === grid)

/** The grids that edits take off a page as it is. */
export function gonesOf(edits: readonly Edit[], sections: readonly Section[]): readonly Gone[] {
  const removed = new Set(edits.flatMap((edit) => (edit.do === 'removeBlock' ? [edit.block] : [])))
  if (removed.size === 0) return []
  const blocks = sections.flatMap((section) => section.blocks)
  const staying = blocks.filter((block) => !removed.has(block.id))
  return blocks.flatMap((block) =>
    block.kind === 'grid' && removed.has(block.id)
      ? [
          {
            title: block.title,
            charts: staying.flatMap((each) => (each.kind === 'chart' && draws(each, block.id) ? [each.title] : [])),
          },
        ]
      : [],
  )
}

/** What is without its source now: charts with nothing to draw, and calculated cells without a value; empty if nothing is. */
export function sourceLoss(gone: readonly Gone[], { echo }: Kept): string {
  const charts = [...new Set(gone.flatMap((each) => each.charts))]
  const failed = echo.results.filter((line) => line.failed).map((line) => line.called)
  const said = [
    ...(charts.length > 0 ? [`these charts have nothing to draw: ${listed(charts)}`] : []),
    ...(failed.length > 0 ? [`these cells have no value: ${listed(failed)}`] : []),
  ]
  return gone.length > 0 && said.length > 0
    ? `Without ${listed(gone.map((each) => each.title))} ${said.join('; ')}.`
    : ''
}
