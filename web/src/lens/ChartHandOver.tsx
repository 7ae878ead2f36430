import { api } from '../api/client'
import type { Chart, ChartData } from '../api/types'
import { useOpenWorksheet } from '../worksheet/context'
import { useNotices } from '../worksheet/useNotices'
import styles from './Lens.module.css'

interface Props {
  readonly chart: Chart
  readonly data: ChartData
}

/** The chart for other programs: as lines, as dots, as data, on the clipboard, on paper. */
export function ChartHandOver({ chart, data }: Props) {
  const { worksheet } = useOpenWorksheet()
  const notices = useNotices()
  const name = data.title.replace(/[\\/:*?"<>|]+/g, ' ').trim() || 'chart'
  // The fonts come with it, so it is loaded only now.
  const tools = () => import('../drawing/handOver')
  const does = (work: () => Promise<unknown>) => () =>
    void work().catch((reason: unknown) => notices.warn(reason instanceof Error ? reason.message : 'It did not work.'))

  const acts: readonly (readonly [string, () => Promise<unknown>])[] = [
    [
      'SVG',
      async () => {
        const { svgOf, download } = await tools()
        download(`${name}.svg`, new Blob([await svgOf(chart, data)], { type: 'image/svg+xml' }))
      },
    ],
    [
      'PNG',
      () => tools().then(({ pngOf, download }) => pngOf(chart, data).then((blob) => download(`${name}.png`, blob))),
    ],
    [
      'CSV',
      () =>
        Promise.all([tools(), api.chartCsv(worksheet.id, chart.id)]).then(([{ download }, text]) =>
          download(`${name}.csv`, new Blob([text], { type: 'text/csv' })),
        ),
    ],
    [
      'Copy picture',
      () =>
        tools()
          .then(({ pngOf }) => pngOf(chart, data))
          .then((blob) => navigator.clipboard.write([new ClipboardItem({ 'image/png': blob })]))
          .then(() => notices.tell('The picture is on the clipboard.')),
    ],
    [
      'Copy data',
      () =>
        api
          .chartCsv(worksheet.id, chart.id)
          .then((text) => navigator.clipboard.writeText(text))
          .then(() => notices.tell('The data is on the clipboard.')),
    ],
    ['Print', () => tools().then(({ print }) => print(chart, data))],
  ]
  return (
    <>
      <h2 className={styles.label}>Hand over</h2>
      <div className={styles.chips}>
        {acts.map(([says, work]) => (
          <button key={says} type="button" className={styles.act} onClick={does(work)}>
            {says}
          </button>
        ))}
      </div>
    </>
  )
}
