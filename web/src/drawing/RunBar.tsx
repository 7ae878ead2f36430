import { Button, Slider } from 'antd'
import { useChartStore } from '../chart/chartStore'
import { Words } from '../typeset/Words'
import styles from './ChartBlock.module.css'
import type { RunningChart } from './useRunning'

const SPEEDS = [2, 8, 24] as const

/** Plays an input through its values: the worksheet keeps its own. */
export function RunBar({ running }: { readonly running: RunningChart }) {
  const { change, stop } = useChartStore.getState()
  const { frames, frame, index, isPlaying, speed, run, refused } = running
  const last = frames.length - 1
  const step = (by: number) => change({ index: Math.max(0, Math.min(last, index + by)), isPlaying: false })

  if (refused !== '') {
    return (
      <div className={styles.run} role="group" aria-label={`Run through ${run.input}`}>
        <p className={styles.fault} role="alert">
          <Words text={refused} />
        </p>
        <Button size="small" onClick={stop}>
          End
        </Button>
      </div>
    )
  }
  return (
    <div className={styles.run} role="group" aria-label={`Run through ${run.input}`}>
      <Button size="small" aria-label="One value back" onClick={() => step(-1)}>
        ‹
      </Button>
      <Button size="small" type="primary" onClick={() => change({ isPlaying: !isPlaying })}>
        {isPlaying ? 'Pause' : 'Play'}
      </Button>
      <Button size="small" aria-label="One value on" onClick={() => step(1)}>
        ›
      </Button>
      <Slider
        range={false}
        className={styles.slider ?? ''}
        min={0}
        max={Math.max(1, last)}
        value={index}
        tooltip={{ formatter: null }}
        ariaLabelForHandle={`Value of ${run.input}`}
        ariaValueTextFormatterForHandle={() => frame?.value ?? ''}
        onChange={(to) => change({ index: to, isPlaying: false })}
      />
      <span className={styles.runValue} role="status">
        {run.input} {frame?.value.startsWith('≈') ? '' : '= '}
        {frame?.value ?? '…'}
      </span>
      <span role="group" aria-label="Speed" className={styles.speeds}>
        {SPEEDS.map((each) => (
          <button key={each} type="button" aria-pressed={speed === each} onClick={() => change({ speed: each })}>
            {each}/s
          </button>
        ))}
      </span>
      <Button size="small" onClick={stop}>
        End
      </Button>
    </div>
  )
}
