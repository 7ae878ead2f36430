import { acceptCompletion, completionKeymap } from '@codemirror/autocomplete'
import { defaultKeymap, historyKeymap } from '@codemirror/commands'
import { Prec, type Extension } from '@codemirror/state'
import { keymap } from '@codemirror/view'

/** The keys of a line: Tab takes a completion, and leads on where there is none. */
export const lineKeys: Extension = [
  Prec.highest(keymap.of([{ key: 'Tab', run: acceptCompletion }])),
  keymap.of([
    ...completionKeymap,
    ...historyKeymap,
    ...defaultKeymap.filter(({ key }) => key !== 'Enter' && key !== 'Escape'),
  ]),
]
