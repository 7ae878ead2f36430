import { COLOURS } from './settings'

/** The page's colours as a drawing needs them. */
export interface Inks {
  readonly ink: string
  readonly muted: string
  readonly hairline: string
  readonly block: string
  readonly clay: string
  readonly series: readonly string[]
  /** From low to high. */
  readonly ramp: readonly string[]
}

const RAMP = 5

/** The colours of the look that is shown, from the tokens. */
export function inks(): Inks {
  const style = getComputedStyle(document.documentElement)
  const token = (name: string) => style.getPropertyValue(`--${name}`).trim() || 'gray'
  return {
    ink: token('ink'),
    muted: token('muted'),
    hairline: token('hairline'),
    block: token('block'),
    clay: token('clay'),
    series: COLOURS.map((_, index) => token(`series-${index}`)),
    ramp: Array.from({ length: RAMP }, (_, index) => token(`ramp-${index}`)),
  }
}

/** The colours of the light look, for paper. */
export function inksOnPaper(): Inks {
  const root = document.documentElement
  const shown = root.dataset.look ?? 'light'
  root.dataset.look = 'light'
  const light = inks()
  root.dataset.look = shown
  return light
}
