import { Suspense, lazy } from 'react'
import { useChart } from '../api/queries'
import type { Chart, ChartData } from '../api/types'
import { BlockCaption } from '../page/BlockCaption'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './ChartBlock.module.css'

const Drawing = lazy(() => import('./Drawing').then((module) => ({ default: module.Drawing })))

/** A chart with its title; its cells are followed, its settings are in the lens. */
export function ChartBlock({ chart }: { readonly chart: Chart }) {
  const { worksheet, at, keep, grids } = useOpenWorksheet()
  const { data } = useChart(worksheet.id, at, chart.id)
  const select = useWorksheetStore((state) => state.select)
  const selected = useWorksheetStore((state) => state.selection.kind === 'chart' && state.selection.id === chart.id)
  const source = grids.find((grid) => grid.id === chart.grid)?.title ?? ''

  return (
    <figure
      className={styles.block}
      id={`block-${chart.id}`}
      data-selected={selected}
      aria-label={`Chart ${chart.title}`}
    >
      <BlockCaption
        block={chart}
        onTitle={(title) => void keep([{ do: 'changeBlock', block: { ...chart, title } }]).catch(() => undefined)}
      >
        <button type="button" className={styles.settings} onClick={() => select({ kind: 'chart', id: chart.id })}>
          from {source} {[chart.across, ...chart.series.map((series) => series.cells)].join(', ')} · settings
        </button>
      </BlockCaption>
      <div className={styles.drawing} onPointerDown={() => select({ kind: 'chart', id: chart.id })}>
        {data && (
          <Suspense fallback={null}>
            <Drawing data={data} />
          </Suspense>
        )}
      </div>
      {data && <Spoken data={data} />}
    </figure>
  )
}

/** The chart for those who do not see it: a sentence, and the points as a table. */
function Spoken({ data }: { readonly data: ChartData }) {
  return (
    <div className="spoken">
      <p>{data.summary}</p>
      {data.series.map((series) => (
        <table key={series.cells}>
          <caption>{series.name}</caption>
          <thead>
            <tr>
              <th scope="col">{data.across.title || 'across'}</th>
              <th scope="col">{data.up.title || 'up'}</th>
            </tr>
          </thead>
          <tbody>
            {series.points.slice(0, 200).map((point, index) => (
              <tr key={index}>
                <td>{point.acrossText}</td>
                <td>{point.upText}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </div>
  )
}
