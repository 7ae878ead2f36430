import { useEffect, useState, type ComponentType } from 'react'

/**
 * A part of the program that is loaded when it is first drawn. Like React's own `lazy`, which however keeps what is
 * loaded back for up to 300 ms, so that nothing flickers; here nothing is to be waited for.
 *
 * @param Meanwhile what is there until then, with the same properties
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  Meanwhile: ComponentType<P> = Nothing,
): ComponentType<P> {
  let loaded: ComponentType<P> | null = null
  return function Later(props: P) {
    const [Part, setPart] = useState(() => loaded)
    useEffect(() => {
      if (Part) return
      load().then(
        (part) => {
          loaded = part
          setPart(() => part)
        },
        () => setPart(() => Missing),
      )
    }, [Part])
    return Part ? <Part {...props} /> : <Meanwhile {...props} />
  }
}

const Nothing = () => null

const Missing = () => <p role="alert">This part could not be loaded. Reload the page.</p>
