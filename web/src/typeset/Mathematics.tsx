import katex from 'katex'
import { useMemo } from 'react'

export interface MathematicsProps {
  readonly latex: string
  /** What a screen reader says. */
  readonly spoken: string
  readonly className?: string | undefined
  /** Whether it stands within a line of text, and not by itself. */
  readonly inLine?: boolean
}

/** Mathematics as KaTeX sets it. The classes that colour references and mark the worked part come from the server. */
export function Mathematics({ latex, spoken, className, inLine = false }: MathematicsProps) {
  const html = useMemo(
    () =>
      katex.renderToString(inLine ? latex : `\\displaystyle ${latex}`, {
        throwOnError: false,
        output: 'html',
        strict: false,
        trust: (context) => context.command === '\\htmlClass',
      }),
    [latex, inLine],
  )
  return (
    <span className={className}>
      <span className="spoken">{spoken}</span>
      <span aria-hidden="true" dangerouslySetInnerHTML={{ __html: html }} />
    </span>
  )
}
