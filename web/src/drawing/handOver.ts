import sans from '@fontsource/ibm-plex-sans/files/ibm-plex-sans-latin-400-normal.woff2?inline'
import sansExt from '@fontsource/ibm-plex-sans/files/ibm-plex-sans-latin-ext-400-normal.woff2?inline'
import type { Chart, ChartData } from '../api/types'
import { inksOnPaper } from '../chart/inks'
import { escaped } from '../chart/options/axes'
import { optionsOf } from '../chart/options/options'
import { printPage } from './printPage'
import { echarts } from './registered'

/** As large as on the page, so that marks stand where they do there. */
function sizeOf(shown: Element | null): { readonly width: number; readonly height: number } {
  const { width = 660, height = 356 } = shown?.getBoundingClientRect() ?? {}
  return { width: Math.round(width), height: Math.round(height) }
}

const drawingOf = (chart: Chart) => document.querySelector(`#block-${CSS.escape(chart.id)} [data-drawing]`)

/** As large as formulas over the chart. */
const FORMULA_SIZE = 19

const TITLE_HEIGHT = 36

/** Enough for print at this size. */
const SHARP = 3

const face = (family: string, data: string, range = '') =>
  `@font-face{font-family:'${family}';src:url(${data}) format('woff2');${range && `unicode-range:${range};`}}`

/** The fonts that the chart uses, within the file. */
const fonts = () => face('IBM Plex Sans', sans) + face('IBM Plex Sans', sansExt, 'U+0100-02BA,U+1E00-1E9F,U+2020-20CF')

/** The chart as a picture that stands by itself: its fonts are in it, and marks are where they are on the page. */
export async function svgOf(chart: Chart, data: ChartData): Promise<string> {
  const shown = drawingOf(chart)
  const { width, height } = sizeOf(shown)
  const picture = data.form === 'SURFACE' ? spaceAsSvg(chart) : await linesAsSvg(chart, data)
  return titled(picture, data, width, height)
}

/** The picture under its title, which stands over the chart on the page. */
function titled(picture: string, data: ChartData, width: number, height: number): string {
  const { block, ink } = inksOnPaper()
  const whole = `width="${width}" height="${height + TITLE_HEIGHT}"`
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" ${whole} viewBox="0 0 ${width} ${height + TITLE_HEIGHT}">` +
    `<title>${escaped(data.title)}</title><desc>${escaped(data.summary)}</desc><style>${fonts()}</style>` +
    `<rect ${whole} fill="${block}"/>` +
    `<text x="16" y="25" font-family="IBM Plex Sans, sans-serif" font-size="17" fill="${ink}">${escaped(data.title)}</text>` +
    `${picture.replace('<svg', `<svg y="${TITLE_HEIGHT}"`)}</svg>`
  )
}

async function linesAsSvg(chart: Chart, data: ChartData): Promise<string> {
  const shown = drawingOf(chart)
  const { width, height } = sizeOf(shown)
  const host = document.createElement('div')
  host.style.cssText = `width:${width}px;height:${height}px;position:fixed;left:-10000px;top:0`
  document.body.append(host)
  const drawn = echarts.init(host, null, { renderer: 'svg', width, height })
  try {
    const paper = inksOnPaper()
    drawn.setOption(
      optionsOf(chart, data, paper, { chosen: new Set(), former: null, turned: { alpha: 0, beta: 0, distance: 190 } }),
    )
    const picture = drawn.renderToSVGString()
    return picture
      .replace(/<svg[^>]*>/, (open) => `${open}<rect width="${width}" height="${height}" fill="${paper.block}"/>`)
      .replace('</svg>', `${shown ? await marksOf(shown) : ''}</svg>`)
  } finally {
    drawn.dispose()
    host.remove()
  }
}

/** The marks over the chart on the page, with their colours written out. */
async function marksOf(shown: Element): Promise<string> {
  const shownLayer = shown.querySelector<SVGElement>('[data-marks]')
  if (!shownLayer) return ''
  const layer = document.importNode(shownLayer, true)
  const formulas = layer.querySelectorAll<SVGForeignObjectElement>('[data-latex]')
  if (formulas.length > 0) {
    const { formulaLines } = await import('./formulaLines')
    formulas.forEach((formula) => {
      const of = (length: string) => Number(formula.getAttribute(length))
      const [x, y] = [of('x') + of('width') / 2, of('y') + of('height') / 2]
      formula.replaceWith(formulaLines(formula.dataset.latex ?? '', x, y, FORMULA_SIZE, 'var(--ink)'))
    })
  }
  const marks = new XMLSerializer()
    .serializeToString(layer)
    .replaceAll('<text ', '<text fill="var(--ink)" font-family="IBM Plex Sans, sans-serif" font-size="13" ')
  const inner = marks.slice(marks.indexOf('>') + 1, marks.lastIndexOf('</svg>'))
  return withColours(inner)
}

/** Other programs do not know the page's tokens. */
function withColours(markup: string): string {
  const style = getComputedStyle(document.documentElement)
  return markup.replace(/var\((--[\w-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim())
}

/** A surface has no lines to write down: its picture is put in. */
function spaceAsSvg(chart: Chart): string {
  const shown = drawingOf(chart)
  const { width, height } = sizeOf(shown)
  // The space and what is written over it are drawn on canvases that lie over each other.
  const sheet = document.createElement('canvas')
  sheet.width = width * SHARP
  sheet.height = height * SHARP
  const drawing = sheet.getContext('2d')
  if (drawing) {
    drawing.fillStyle = inksOnPaper().block
    drawing.fillRect(0, 0, sheet.width, sheet.height)
    shown?.querySelectorAll('canvas').forEach((layer) => drawing.drawImage(layer, 0, 0, sheet.width, sheet.height))
  }
  const url = sheet.toDataURL('image/png')
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">` +
    `<image href="${url}" width="${width}" height="${height}"/></svg>`
  )
}

/** The same picture in dots, three to a pixel. */
export async function pngOf(chart: Chart, data: ChartData): Promise<Blob> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await svgOf(chart, data))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = image.naturalWidth * SHARP
  canvas.height = image.naturalHeight * SHARP
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be made.'))), 'image/png')
  })
}

/** Gives a file to the person. */
export function download(name: string, content: Blob): void {
  const url = URL.createObjectURL(content)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

/** Prints the chart alone, from lines and not from dots. */
export async function print(chart: Chart, data: ChartData): Promise<void> {
  const picture = await svgOf(chart, data)
  printPage(data.title, (page) => {
    page.body.innerHTML = picture
    page.querySelector('svg')?.setAttribute('style', 'width:100%;height:auto')
  })
}
