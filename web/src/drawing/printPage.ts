/** Prints a page that is not the one on the screen; it goes when the browser has it. */
export function printPage(title: string, write: (page: Document) => void): void {
  document.querySelectorAll('iframe[data-printed]').forEach((former) => former.remove())
  const frame = document.createElement('iframe')
  frame.title = `Print of ${title}`
  frame.dataset.printed = ''
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0'
  document.body.append(frame)
  const page = frame.contentDocument
  if (!page || !frame.contentWindow) return
  write(page)
  page.title = title
  frame.contentWindow.addEventListener('afterprint', () => frame.remove())
  frame.contentWindow.print()
}
