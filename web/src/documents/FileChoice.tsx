import { Button } from 'antd'
import { useRef } from 'react'

interface Props {
  readonly file: File | null
  readonly onFile: (file: File) => void
}

/** The kinds of files that can be brought in. */
export const KINDS =
  '.xlsx,.xlsm,.ods,.json,.csv,.tsv,.tab,.txt,application/json,text/csv,text/tab-separated-values,text/plain'

/** A button that asks for a file, and which one it is. */
export function FileChoice({ file, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <div>
      <input
        ref={input}
        type="file"
        accept={KINDS}
        hidden
        aria-label="Document"
        onChange={(event) => {
          const [chosen] = event.target.files ?? []
          if (chosen) onFile(chosen)
        }}
      />
      <Button autoFocus onClick={() => input.current?.click()}>
        {file ? 'Choose another file …' : 'Choose a file …'}
      </Button>{' '}
      <span role="status">{file?.name ?? 'or drop it on the page, or paste a table'}</span>
    </div>
  )
}
