import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { Button, Checkbox, Modal, Radio, Select } from 'antd'
import { useState } from 'react'
import { api, type DocumentChoice } from '../api/client'
import { keys } from '../api/keys'
import { selectedCells } from '../commands/selected'
import { ENCODINGS, QUOTES, SEPARATORS } from '../documents/choices'
import { Words } from '../typeset/Words'
import { useOpenWorksheet } from '../worksheet/context'
import { usePanel } from '../worksheet/usePanel'
import { paged } from './paged'
import styles from './Panel.module.css'

type Format = DocumentChoice['format']
type Signs = Required<Pick<DocumentChoice, 'separator' | 'quote' | 'encoding'>>

const FORMATS: readonly (readonly [Format, string])[] = [
  ['HTML', 'HTML: a page to read, one file'],
  ['MARKDOWN', 'Markdown with mathematics'],
  ['LATEX', 'LaTeX'],
  ['XLSX', 'Office Open XML (.xlsx): a workbook with formulas'],
  ['ODS', 'OpenDocument (.ods): a spreadsheet with formulas'],
  ['CSV', 'CSV: the values of one grid'],
  ['JSON', 'JSON: the whole worksheet, to be brought in again'],
]

/** Those that are read and not worked with. */
const READABLE: readonly Format[] = ['HTML', 'MARKDOWN', 'LATEX']

const formatOf = (value: unknown): Format => FORMATS.find(([format]) => format === value)?.[0] ?? 'HTML'

/** The worksheet as a file: which format, how, and how it would begin. */
export function HandOverPanel() {
  const { worksheet, at, grids } = useOpenWorksheet()
  const { close } = usePanel()
  const [format, setFormat] = useState<Format>('HTML')
  const [grid, setGrid] = useState(() => selectedCells(grids)?.grid.id ?? grids[0]?.id ?? '')
  const [signs, setSigns] = useState<Signs>({ separator: 'COMMA', quote: 'QUOTATION_MARK', encoding: 'UTF_8' })
  const [flags, setFlags] = useState({
    formulas: true,
    history: false,
    comma: worksheet.settings.comma,
    shown: false,
    guarded: true,
  })
  const isTable = format === 'CSV'
  const isWorkbook = format === 'XLSX' || format === 'ODS'
  const choice: DocumentChoice = {
    format,
    ...flags,
    ...(isTable ? signs : {}),
    ...(at === null ? {} : { at }),
    ...(isTable && grid !== '' ? { grid } : {}),
  }
  const { data, error } = useQuery({
    queryKey: [...keys.outline(worksheet.id), 'beginning', choice],
    queryFn: ({ signal }) => api.beginning(worksheet.id, choice, signal),
    placeholderData: keepPreviousData,
  })
  // A page has its charts in it, which are drawn here.
  const keep = useMutation({
    mutationFn: async () => {
      const [page, { download }] = await Promise.all([
        paged(worksheet, at, { format: 'HTML', formulas: flags.formulas }),
        import('../drawing/handOver'),
      ])
      const name = worksheet.title.replace(/[\\/:*?"<>|]+/g, ' ').trim() || 'worksheet'
      download(`${name}.html`, new Blob(['<!doctype html>\n', page.documentElement.outerHTML], { type: 'text/html' }))
    },
  })
  const wrong = error ?? keep.error
  const flag = (name: keyof typeof flags, label: string) => (
    <Checkbox checked={flags[name]} onChange={(event) => setFlags({ ...flags, [name]: event.target.checked })}>
      {label}
    </Checkbox>
  )

  return (
    <Modal open title="Hand over" footer={null} onCancel={close} width={620}>
      <div className={styles.form}>
        <Radio.Group
          aria-label="Format"
          value={format}
          onChange={(event) => setFormat(formatOf(event.target.value))}
          options={FORMATS.map(([value, label]) => ({ value, label }))}
          style={{ display: 'grid', gap: 4 }}
        />
        <div className={styles.row}>
          {isTable && (
            <>
              <label className={styles.field}>
                Grid
                <Select
                  aria-label="Grid"
                  value={grid}
                  onChange={setGrid}
                  options={grids.map(({ id, title }) => ({ value: id, label: title }))}
                  style={{ width: 200 }}
                />
              </label>
              <label className={styles.field}>
                Between values
                <Select
                  aria-label="Between values"
                  value={signs.separator}
                  onChange={(separator) => setSigns({ ...signs, separator })}
                  options={[...SEPARATORS]}
                  style={{ width: 120 }}
                />
              </label>
              <label className={styles.field}>
                Around texts
                <Select
                  aria-label="Around texts"
                  value={signs.quote}
                  onChange={(quote) => setSigns({ ...signs, quote })}
                  options={[...QUOTES]}
                  style={{ width: 100 }}
                />
              </label>
              <label className={styles.field}>
                Encoding
                <Select
                  aria-label="Encoding"
                  value={signs.encoding}
                  onChange={(encoding) => setSigns({ ...signs, encoding })}
                  options={[...ENCODINGS]}
                  style={{ width: 190 }}
                />
              </label>
            </>
          )}
        </div>
        <div className={styles.row}>
          {isTable && (
            <>
              {flag('comma', 'decimal comma')}
              {flag('shown', 'digits as shown, not all')}
              {flag('guarded', 'apostrophe before texts that look like formulas')}
            </>
          )}
          {format === 'JSON' && flag('history', 'with the list of changes')}
          {READABLE.includes(format) && flag('formulas', 'formulas below each grid')}
        </div>
        {data?.told.map((sentence) => (
          <p key={sentence} role="status" className={styles.says}>
            <Words text={sentence} />
          </p>
        ))}
        {wrong && (
          <p role="alert" className={styles.wrong}>
            {wrong.message}
          </p>
        )}
        {/* The beginning of a page is its style, which tells nobody anything. */}
        {format !== 'HTML' && (
          <figure className={styles.beginning}>
            <figcaption className={styles.says}>{isWorkbook ? 'Its sheets:' : 'It begins so:'}</figcaption>
            <pre tabIndex={0} aria-label="How it begins">
              {data?.beginning}
            </pre>
          </figure>
        )}
        <div>
          {format === 'HTML' ? (
            <Button type="primary" loading={keep.isPending} onClick={() => keep.mutate()}>
              Keep the file
            </Button>
          ) : (
            <Button type="primary" href={api.documentOf(worksheet.id, choice)} download>
              Keep the file
            </Button>
          )}
        </div>
      </div>
    </Modal>
  )
}
