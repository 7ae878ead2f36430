import type { ReactNode } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import styles from './Contained.module.css'

/**
 * What is inside; where that cannot be drawn, a sentence stands in its place with a way on, and the rest of the page is
 * as it was.
 *
 * @param what how the sentence begins
 * @param shown when this is another, it is tried again
 */
export function Contained({
  what,
  shown,
  children,
}: {
  readonly what: string
  readonly shown: unknown
  readonly children: ReactNode
}) {
  return (
    <ErrorBoundary
      resetKeys={[shown]}
      fallbackRender={({ resetErrorBoundary }) => (
        <p role="alert" className={styles.sentence}>
          {what} could not be drawn. Nothing that is kept was changed.{' '}
          <button type="button" className={styles.again} onClick={resetErrorBoundary}>
            Draw it again
          </button>
        </p>
      )}
    >
      {children}
    </ErrorBoundary>
  )
}
