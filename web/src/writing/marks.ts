import { RangeSetBuilder, StateEffect, StateField } from '@codemirror/state'
import { Decoration, EditorView, type DecorationSet } from '@codemirror/view'
import type { Preview } from '../api/types'

const HUES = 8

/** Colours the references of a preview and underlines the place of its error. */
export const showPreview = StateEffect.define<{ readonly preview: Preview | undefined; readonly ahead: number }>()

function marksOf(preview: Preview | undefined, ahead: number, length: number): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>()
  const error = preview?.calculation.error
  const marks = (preview?.references ?? []).map(({ start, end, colour }) => ({
    start,
    end,
    name: `cm-reference cm-reference-${colour % HUES}`,
  }))
  for (const { start, end } of preview?.units ?? []) marks.push({ start, end, name: 'cm-unit' })
  if (error && error.start !== null && error.end !== null) {
    marks.push({ start: error.start, end: error.end, name: 'cm-fault' })
  }
  for (const { start, end, name } of marks.sort((a, b) => a.start - b.start || a.end - b.end)) {
    const from = Math.max(0, start - ahead)
    const to = end - ahead
    if (from < to && to <= length) builder.add(from, to, Decoration.mark({ class: name }))
  }
  return builder.finish()
}

/** The marks; they move with the text until the next preview is there. */
export const previewMarks = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    for (const effect of transaction.effects) {
      if (effect.is(showPreview)) return marksOf(effect.value.preview, effect.value.ahead, transaction.newDoc.length)
    }
    return marks.map(transaction.changes)
  },
  provide: (field) => EditorView.decorations.from(field),
})
