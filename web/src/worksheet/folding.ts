import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import type { Section } from '../api/types'

interface Folding {
  /** Whether a section is folded here, by its worksheet and id; what is not in it is as it was made. */
  readonly folds: Readonly<Record<string, boolean>>
}

/** Folding is a way to look at a page and no change of it: each browser remembers its own. */
const useFolding = create<Folding>()(persist((): Folding => ({ folds: {} }), { name: 'logismos.folded' }))

const keyOf = (worksheet: string, section: string) => `${worksheet}/${section}`

/** Tells of each section whether it is folded on this page. */
export function useFolds(worksheet: string): (section: Pick<Section, 'id' | 'folded'>) => boolean {
  const folds = useFolding((state) => state.folds)
  return (section) => folds[keyOf(worksheet, section.id)] ?? section.folded
}

/** Folds a section, or unfolds it. */
export function toggleFolded(worksheet: string, section: Pick<Section, 'id' | 'folded'>): void {
  useFolding.setState(({ folds }) => {
    const key = keyOf(worksheet, section.id)
    return { folds: { ...folds, [key]: !(folds[key] ?? section.folded) } }
  })
}
