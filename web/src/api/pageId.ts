const NAME = 'logismos.page'

const fresh = () => crypto.randomUUID()

/** A page keeps its id when it is loaded again; one that was duplicated gets its own. */
function claimed(): string {
  let id = sessionStorage.getItem(NAME) ?? fresh()
  sessionStorage.setItem(NAME, id)
  // Held as long as this page is open: a second one that brought the same id along does not get it.
  void navigator.locks?.request(`${NAME}.${id}`, { ifAvailable: true }, (lock) => {
    if (lock) return new Promise(() => undefined)
    id = fresh()
    sessionStorage.setItem(NAME, id)
    current = id
    return undefined
  })
  return id
}

let current = claimed()

/** Under which this page's changes are known to the server. */
export const pageId = (): string => current
