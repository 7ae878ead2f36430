import { useEffect, useState, type ComponentType } from 'react'

interface More<P extends object> {
  /** What is there where it could not be loaded. */
  readonly Otherwise?: ComponentType<P>
  /** Whether it is so large that it is loaded only when it is drawn. */
  readonly isLarge?: boolean
}

/** Parts that a page loads when it has nothing else to do. */
const small: (() => Promise<unknown>)[] = []

/**
 * A part of the program that is loaded when it is first drawn. Like React's own `lazy`, which however keeps what is
 * loaded back for up to 300 ms, so that nothing flickers; here nothing is to be waited for.
 *
 * @param Meanwhile what is there until then, with the same properties
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  Meanwhile: ComponentType<P> = Nothing,
  { Otherwise = Missing, isLarge = false }: More<P> = {},
): ComponentType<P> {
  let loaded: ComponentType<P> | null = null
  const part = async () => (loaded ??= await load())
  if (!isLarge) small.push(part)
  return function Later(props: P) {
    const [Part, setPart] = useState(() => loaded)
    useEffect(() => {
      if (Part) return
      part().then(
        (came) => setPart(() => came),
        () => setPart(() => Otherwise),
      )
    }, [Part])
    return Part ? <Part {...props} /> : <Meanwhile {...props} />
  }
}

/**
 * Loads the parts that are not large, one after another, each when the page has nothing else to do: with them it can be
 * used although the program does not answer any more.
 */
export async function loadTheRest(): Promise<void> {
  for (const part of small) {
    await new Promise<void>((go) => {
      if ('requestIdleCallback' in window) requestIdleCallback(() => go())
      else setTimeout(go)
    })
    await part().catch(() => undefined) // asked for again when it is drawn
  }
}

const Nothing = () => null

const Missing = () => <p role="alert">This part could not be loaded. Reload the page.</p>
