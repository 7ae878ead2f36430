import { browserAdaptor } from 'mathjax-full/js/adaptors/browserAdaptor.js'
import { RegisterHTMLHandler } from 'mathjax-full/js/handlers/html.js'
import { TeX } from 'mathjax-full/js/input/tex.js'
import 'mathjax-full/js/input/tex/ams/AmsConfiguration.js'
import 'mathjax-full/js/input/tex/configmacros/ConfigMacrosConfiguration.js'
import { mathjax } from 'mathjax-full/js/mathjax.js'
import { SVG } from 'mathjax-full/js/output/svg.js'

/** Lengths of its pictures are in thousandths of the size of the type. */
const PER_EM = 1000

RegisterHTMLHandler(browserAdaptor())

const converter = mathjax.document(document, {
  // The mark of a part that a step of a working is about; a picture has none.
  InputJax: new TeX({ packages: ['base', 'ams', 'configmacros'], macros: { htmlClass: ['{#2}', 2] } }),
  OutputJax: new SVG({ fontCache: 'none' }),
})

/** A formula as outlines around a middle, with the type as large as given in pixels: it is seen without any font. */
export function formulaLines(latex: string, x: number, y: number, size: number, ink: string): SVGGElement {
  const container: HTMLElement = converter.convert(latex, { display: false })
  const picture = container.querySelector('svg')
  const [left = 0, top = 0, width = 0, height = 0] = (picture?.getAttribute('viewBox') ?? '').split(' ').map(Number)
  const scale = size / PER_EM
  const group = document.createElementNS('http://www.w3.org/2000/svg', 'g')
  group.setAttribute(
    'transform',
    `translate(${x - (left + width / 2) * scale} ${y - (top + height / 2) * scale}) scale(${scale})`,
  )
  group.setAttribute('color', ink)
  group.append(...(picture?.childNodes ?? []))
  return group
}
