/** The cells of a text that other programs put on the clipboard: tabs between cells, line breaks between rows. */
export function rowsOfText(text: string): readonly (readonly string[])[] {
  const rows: string[][] = [[]]
  let cell = ''
  let quoted = false
  const end = () => {
    rows.at(-1)?.push(cell)
    cell = ''
  }
  for (let i = 0; i < text.length; i++) {
    const c = text.charAt(i)
    if (quoted) {
      if (c === '"' && text.charAt(i + 1) === '"') cell += text.charAt(i++)
      else if (c === '"') quoted = false
      else cell += c
    } else if (c === '"' && cell === '' && isQuotedCell(text, i)) quoted = true
    else if (c === '\t') end()
    else if (c === '\n' || c === '\r') {
      if (c === '\r' && text.charAt(i + 1) === '\n') i++
      end()
      rows.push([])
    } else cell += c
  }
  end()
  const last = rows.at(-1)
  return last?.length === 1 && last[0] === '' && rows.length > 1 ? rows.slice(0, -1) : rows
}

/** Whether the quote sign opens a cell that holds a tab, a line break or a quote; a text may begin with one itself. */
function isQuotedCell(text: string, at: number): boolean {
  const close = /^"(?:[^"]|"")*"(?=[\t\r\n]|$)/.exec(text.slice(at))
  return close !== null && /[\t\r\n]|""/.test(close[0].slice(1, -1))
}

/** The cells of the first table of a page that was copied; null where there is none. */
export function rowsOfHtml(html: string): readonly (readonly string[])[] | null {
  const table = new DOMParser().parseFromString(html, 'text/html').querySelector('table')
  if (!table) return null
  return [...table.rows].map((row) =>
    [...row.cells].flatMap((cell) => [
      (cell.textContent ?? '').replace(/\s+/g, ' ').trim(),
      ...Array.from({ length: cell.colSpan - 1 }, () => ''),
    ]),
  )
}

/** A text for the clipboard with a cell that may hold tabs or line breaks. */
export const quotedCell = (text: string): string => (/[\t\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')

/** The same rows as text with tabs, and as an HTML table. */
export const asText = (rows: readonly (readonly string[])[]): string =>
  rows.map((row) => row.map(quotedCell).join('\t')).join('\n')
export const asHtml = (rows: readonly (readonly string[])[]): string =>
  `<table>${rows.map((row) => `<tr>${row.map((cell) => `<td>${escaped(cell)}</td>`).join('')}</tr>`).join('')}</table>`
