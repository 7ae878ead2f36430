import { memo } from 'react'
import { Button, Tooltip } from 'antd'
import { Link } from 'react-router'
import { EditableText } from '../worksheet/EditableText'
import { useKeptState, useOpenWorksheet } from '../worksheet/context'
import styles from './Head.module.css'
import { Mark } from '../theme/Mark'
import { useWorksheetStore } from '../worksheet/store'
import { useUnkept } from '../worksheet/useUnkept'

/** Mark and name, the worksheet's title, when it was kept last, undo and redo. */
export const Head = memo(function Head({ onStep }: { readonly onStep: (way: 'undo' | 'redo') => void }) {
  const { worksheet, at, keep } = useOpenWorksheet()
  const { keptAt, canUndo, canRedo } = useKeptState()
  const isWaiting = useUnkept(worksheet.id).length > 0
  const kept = new Date(keptAt).toLocaleTimeString('en-GB')

  return (
    <header className={styles.head}>
      <Link to="/" className={styles.home} title="All worksheets">
        <Mark />
        <span>Logismos</span>
      </Link>
      <span className={styles.rule} />
      <h1 className={styles.title}>
        <EditableText
          text={worksheet.title}
          label="worksheet title"
          place="title"
          onKeep={(title) => keep([{ do: 'retitle', title }])}
        />
      </h1>
      <span className={styles.kept} role="status">
        {isWaiting ? 'Not kept yet' : `Kept ${kept}`}
      </span>
      <Acts canChange={at === null} canUndo={canUndo && at === null} canRedo={canRedo && at === null} onStep={onStep} />
    </header>
  )
})

interface ActsProps {
  readonly canChange: boolean
  readonly canUndo: boolean
  readonly canRedo: boolean
  readonly onStep: (way: 'undo' | 'redo') => void
}

/** The buttons at the right, which a change seldom draws anew. */
const Acts = memo(function Acts({ canChange, canUndo, canRedo, onStep }: ActsProps) {
  const show = useWorksheetStore((state) => state.show)
  const toggle = useWorksheetStore((state) => state.toggle)
  const contentsOpen = useWorksheetStore((state) => state.contentsOpen)
  const lensOpen = useWorksheetStore((state) => state.lensOpen)

  return (
    <nav className={styles.acts} aria-label="Worksheet">
      <Tooltip title="Undo · Ctrl Z">
        <Button type="text" icon={<Turn />} aria-label="Undo" disabled={!canUndo} onClick={() => onStep('undo')} />
      </Tooltip>
      <Tooltip title="Redo · Ctrl Y">
        <Button
          type="text"
          icon={<Turn mirrored />}
          aria-label="Redo"
          disabled={!canRedo}
          onClick={() => onStep('redo')}
        />
      </Tooltip>
      <Tooltip title="Every command, cell, name and function · Ctrl K">
        <Button type="text" onClick={() => show({ kind: 'finder', text: '' })}>
          Finder
        </Button>
      </Tooltip>
      <Tooltip title="Every change, with a way back · Alt H">
        <Button type="text" onClick={() => show({ kind: 'history' })}>
          History
        </Button>
      </Tooltip>
      <Tooltip title="This worksheet as a file, for people and programs">
        <Button type="text" onClick={() => show({ kind: 'handOver' })}>
          Hand over
        </Button>
      </Tooltip>
      <Tooltip title="A document into this worksheet">
        <Button type="text" disabled={!canChange} onClick={() => show({ kind: 'bringIn', file: null })}>
          Bring in
        </Button>
      </Tooltip>
      <Tooltip title="Angles, decimal mark, number style, light and dark">
        <Button type="text" onClick={() => show({ kind: 'settings' })}>
          Settings
        </Button>
      </Tooltip>
      <Tooltip title="What you can do, functions, units · F1">
        <Button type="text" onClick={() => show({ kind: 'guide', entry: '' })}>
          Guide
        </Button>
      </Tooltip>
      <span className={styles.rule} />
      <Tooltip title="Fold or show the contents · Alt C">
        <Button type="text" aria-pressed={contentsOpen} onClick={() => toggle('contentsOpen')}>
          Contents
        </Button>
      </Tooltip>
      <Tooltip title="Fold or show the lens · Alt L">
        <Button type="text" aria-pressed={lensOpen} onClick={() => toggle('lensOpen')}>
          Lens
        </Button>
      </Tooltip>
    </nav>
  )
})

/** An arrow that turns back, or mirrored, forth. */
const Turn = ({ mirrored = false }: { readonly mirrored?: boolean }) => (
  <svg width="17" height="17" viewBox="0 0 17 17" aria-hidden="true" style={mirrored ? { scale: '-1 1' } : undefined}>
    <path d="M6.2 3 2.8 6.4l3.4 3.4M3.2 6.4h6.6a4 4 0 0 1 0 8H7" fill="none" stroke="currentcolor" strokeWidth="1.4" />
  </svg>
)
