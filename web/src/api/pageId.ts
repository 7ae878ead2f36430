const OWN = 'logismos.page'
const ALL = 'logismos.pages'
const MOST = 20

const fresh = () => crypto.randomUUID()

/** The ids that pages of this browser have had, the last one first. */
function known(): readonly string[] {
  try {
    const all: unknown = JSON.parse(localStorage.getItem(ALL) ?? '[]')
    return Array.isArray(all) ? all.filter((id) => typeof id === 'string') : []
  } catch {
    return []
  }
}

let current = sessionStorage.getItem(OWN) ?? known()[0] ?? fresh()

/**
 * Takes the first id that no open page has: a page that is loaded again, or opened anew, goes on with its own changes; a
 * second one beside it has an id of its own. An id is held by a lock as long as its page is open.
 */
async function claim(candidates: readonly string[]): Promise<void> {
  for (const id of candidates) {
    const isOurs = await new Promise<boolean>((resolve) => {
      void navigator.locks.request(`${OWN}.${id}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null)
        return lock ? new Promise(() => undefined) : undefined
      })
    })
    if (!isOurs) continue
    current = id
    sessionStorage.setItem(OWN, id)
    localStorage.setItem(ALL, JSON.stringify([id, ...known().filter((other) => other !== id)].slice(0, MOST)))
    return
  }
}

// Where there are no locks, all pages of a browser are one.
if (typeof navigator.locks?.request === 'function') void claim([current, ...known(), fresh()])

/** Under which this page's changes are known to the server. */
export const pageId = (): string => current
