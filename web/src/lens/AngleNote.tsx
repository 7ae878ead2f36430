import { useOpenWorksheet } from '../worksheet/context'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Lens.module.css'

const ANGLES = /\b(?:a?(?:sin|cos|tan|cot)|sec|csc|atan2)\s*\(/i

/** That plain numbers are degrees here, where a formula takes or gives an angle. */
export function AngleNote({ entry }: { readonly entry: string }) {
  const { worksheet } = useOpenWorksheet()
  const show = useWorksheetStore((state) => state.show)
  if (!worksheet.settings.degrees || !ANGLES.test(entry)) return null
  return (
    <div className={styles.hint} data-angles>
      A plain number as an angle is in degrees on this worksheet.
      <button type="button" className={styles.link} onClick={() => show({ kind: 'settings' })}>
        Change it
      </button>
    </div>
  )
}
