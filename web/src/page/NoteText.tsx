import katex from 'katex'
import MarkdownIt from 'markdown-it'
import { useMemo } from 'react'

/** Markdown without HTML of its own, and formulas in LaTeX between dollar signs. */
const markdown = new MarkdownIt({ html: false, linkify: false, typographer: false, breaks: true })

// Pictures would be fetched from elsewhere; a link to one stays a link.
markdown.disable('image')

markdown.inline.ruler.after('escape', 'formula', (state, silent) => {
  const match = /^(\$\$?)(?=\S)([^$]*?\S)\1(?!\d)/.exec(state.src.slice(state.pos))
  if (!match?.[0] || !match[2]) return false
  if (!silent) {
    const token = state.push('formula', 'span', 0)
    token.content = match[2]
    token.markup = match[1] ?? '$'
  }
  state.pos += match[0].length
  return true
})
markdown.renderer.rules['formula'] = (tokens, index) =>
  katex.renderToString(tokens[index]?.content ?? '', {
    throwOnError: false,
    displayMode: tokens[index]?.markup === '$$',
    output: 'htmlAndMathml',
  })

/** A note's text, formatted. */
export function NoteText({ text }: { readonly text: string }) {
  const html = useMemo(() => markdown.render(text), [text])
  return <div dangerouslySetInnerHTML={{ __html: html }} />
}
