import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Button, Modal, Radio } from 'antd'
import { useCallback, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { FileChoice } from '../documents/FileChoice'
import { usePastedTable } from '../documents/usePastedTable'
import { useReading } from '../documents/useReading'
import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore, type Brought } from '../worksheet/store'
import { isWorthTelling, toTell } from '../worksheet/brought'
import { usePanel } from '../worksheet/usePanel'
import styles from './Panel.module.css'

interface Props {
  /** A file that was dropped; null where one is still to be chosen. */
  readonly file: File | null
}

/** A document, into this worksheet or a new one; what is not as it was in it is told. */
export function BringInPanel({ file: dropped }: Props) {
  const { worksheet, kept } = useOpenWorksheet()
  const { close } = usePanel()
  const show = useWorksheetStore((state) => state.show)
  const client = useQueryClient()
  const navigate = useNavigate()
  const [file, setFile] = useState(dropped)
  const reading = useReading(file)
  const [where, setWhere] = useState<'here' | 'new'>('here')
  const stop = useRef(new AbortController())
  const bring = useMutation({
    mutationFn: async (document: File): Promise<Brought | null> => {
      stop.current = new AbortController()
      if (where === 'new') {
        const brought = await api.bringIn(document, reading.query, stop.current.signal)
        await client.invalidateQueries({ queryKey: keys.worksheets })
        const { worksheet: made, told, compared } = brought
        await navigate(`/worksheet/${made.id}`, { state: toTell({ name: document.name, told, compared }) })
        return null
      }
      await kept()
      const joined = await api.join(worksheet.id, document, reading.query, crypto.randomUUID(), stop.current.signal)
      await client.invalidateQueries({ queryKey: keys.outline(worksheet.id) })
      void client.invalidateQueries({ queryKey: keys.allCells(worksheet.id) })
      void client.invalidateQueries({ queryKey: keys.history(worksheet.id) })
      return { name: document.name, told: joined.told, compared: joined.compared }
    },
    onSuccess: (brought) => (brought && isWorthTelling(brought) ? show({ kind: 'brought', brought }) : close()),
  })

  const { reset } = bring
  const take = useCallback(
    (other: File) => {
      setFile(other)
      reset()
    },
    [reset],
  )
  usePastedTable(take)

  return (
    <Modal open title="Bring in" footer={null} onCancel={close} width={reading.isTable ? 860 : 520}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          if (file) bring.mutate(file)
        }}
      >
        <FileChoice file={file} onFile={take} />
        {reading.part}
        <Radio.Group
          aria-label="Where it goes"
          value={where}
          onChange={(event) => setWhere(event.target.value === 'new' ? 'new' : 'here')}
          options={[
            { label: 'below what is here', value: 'here' },
            { label: 'into a new worksheet', value: 'new' },
          ]}
        />
        {!file && (
          <p className={styles.says}>
            A spreadsheet (.xlsx, .ods), a worksheet that was handed over as JSON, or a table of values between
            separators (CSV, TSV).
          </p>
        )}
        {bring.error && (
          <p role="alert" className={styles.wrong}>
            {bring.error.message}
          </p>
        )}
        <div className={styles.row}>
          <Button type="primary" htmlType="submit" disabled={!file || reading.isOpen} loading={bring.isPending}>
            Bring in
          </Button>
          {bring.isPending && <Button onClick={() => stop.current.abort()}>Stop</Button>}
        </div>
      </form>
    </Modal>
  )
}
