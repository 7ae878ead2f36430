import { api, type DocumentChoice } from '../api/client'
import { WHOLE } from '../api/queries'
import type { Chart, Worksheet } from '../api/types'

/** A worksheet as a page to read, with its charts drawn in their places. */
export async function paged(
  worksheet: Pick<Worksheet, 'id' | 'sections'>,
  at: number | null,
  choice: DocumentChoice,
): Promise<Document> {
  const charts = worksheet.sections.flatMap(({ blocks }) => blocks).filter((block) => block.kind === 'chart')
  const [text, ...pictures] = await Promise.all([
    api.page(worksheet.id, { ...choice, ...(at === null ? {} : { at }) }),
    ...charts.map((chart) => pictureOf(worksheet.id, at, chart)),
  ])
  const page = new DOMParser().parseFromString(text, 'text/html')
  pictures.forEach(([id, picture]) => {
    page.querySelector(`[data-chart="${CSS.escape(id)}"]`)?.insertAdjacentHTML('afterbegin', picture)
  })
  return page
}

async function pictureOf(worksheet: string, at: number | null, chart: Chart): Promise<readonly [string, string]> {
  // The fonts come with it, so it is loaded only now.
  const [{ svgOf }, data] = await Promise.all([
    import('../drawing/handOver'),
    api.chart(worksheet, at, chart.id, WHOLE),
  ])
  return [chart.id, await svgOf(chart, data)]
}
