import katex from 'katex'
import { useMemo } from 'react'

interface Props {
  readonly latex: string
  /** What a screen reader says. */
  readonly spoken: string
  readonly className?: string | undefined
}

/** Typeset mathematics. The classes that colour references and mark the worked part come from the server. */
export function Typeset({ latex, spoken, className }: Props) {
  const html = useMemo(
    () =>
      katex.renderToString(`\\displaystyle ${latex}`, {
        throwOnError: false,
        output: 'html',
        strict: false,
        trust: (context) => context.command === '\\htmlClass',
      }),
    [latex],
  )
  return (
    <span className={className}>
      <span className="spoken">{spoken}</span>
      <span aria-hidden="true" dangerouslySetInnerHTML={{ __html: html }} />
    </span>
  )
}
