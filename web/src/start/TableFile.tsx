import { Button, Modal } from 'antd'
import type { Reading } from '../api/client'
import { useReading } from '../documents/useReading'
import styles from './StartPage.module.css'

interface Props {
  readonly file: File
  readonly isComing: boolean
  readonly onBring: (query: Reading) => void
  readonly onClose: () => void
}

/** How a table of values is read before it becomes a worksheet. */
export function TableFile({ file, isComing, onBring, onClose }: Props) {
  const reading = useReading(file)
  return (
    <Modal open title={`Bring in ${file.name}`} footer={null} onCancel={onClose} width={860}>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          onBring(reading.query)
        }}
      >
        {reading.part}
        <div>
          <Button autoFocus type="primary" htmlType="submit" disabled={reading.isOpen} loading={isComing}>
            Bring in
          </Button>
        </div>
      </form>
    </Modal>
  )
}
