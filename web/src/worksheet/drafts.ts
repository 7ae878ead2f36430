/**
 * Texts that are being written, kept in the browser until they are kept in the worksheet: they outlive a page that is
 * loaded again or closed, and a browser that ends.
 */
const place = (id: string, where: string) => `logismos.draft.${id}.${where}`

/** Where a text is written; each place has one draft at the most. */
export const draftOf = {
  cell: (grid: string, address: string) => `cell.${grid}.${address}`,
  note: (id: string) => `note.${id}`,
  remark: (grid: string, address: string) => `remark.${grid}.${address}`,
  text: (label: string) => `text.${label}`,
  scratch: 'scratch',
}

/** The drafts of a worksheet. */
export const drafts = {
  read(id: string, where: string): string | null {
    return localStorage.getItem(place(id, where))
  },
  write(id: string, where: string, text: string): void {
    try {
      localStorage.setItem(place(id, where), text)
    } catch {
      // No room: then it is held in the page alone, as long as that is open.
    }
  },
  forget(id: string, where: string): void {
    localStorage.removeItem(place(id, where))
  },
  /** The cells of a worksheet in which something was being written. */
  cells(id: string): readonly { readonly grid: string; readonly address: string; readonly text: string }[] {
    const start = place(id, 'cell.')
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(start))
      .flatMap((key) => {
        const rest = key.slice(start.length)
        const dot = rest.lastIndexOf('.')
        const text = localStorage.getItem(key)
        return dot < 0 || text === null ? [] : [{ grid: rest.slice(0, dot), address: rest.slice(dot + 1), text }]
      })
  },
}
