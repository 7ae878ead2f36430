import { Suspense, lazy, memo } from 'react'
import { useWorksheetStore } from '../worksheet/store'

const Finder = lazy(() => import('../finder/Finder').then((module) => ({ default: module.Finder })))
const Guide = lazy(() => import('../guide/Guide').then((module) => ({ default: module.Guide })))
const History = lazy(() => import('../history/History').then((module) => ({ default: module.History })))
const SettingsPanel = lazy(() => import('./SettingsPanel').then((module) => ({ default: module.SettingsPanel })))
const FindPanel = lazy(() => import('./FindPanel').then((module) => ({ default: module.FindPanel })))
const SeriesPanel = lazy(() => import('./SeriesPanel').then((module) => ({ default: module.SeriesPanel })))
const NamePanel = lazy(() => import('./NamePanel').then((module) => ({ default: module.NamePanel })))
const StylePanel = lazy(() => import('./StylePanel').then((module) => ({ default: module.StylePanel })))
const TabulatePanel = lazy(() => import('./TabulatePanel').then((module) => ({ default: module.TabulatePanel })))
const CurvePanel = lazy(() => import('./CurvePanel').then((module) => ({ default: module.CurvePanel })))
const RemarkPanel = lazy(() => import('./RemarkPanel').then((module) => ({ default: module.RemarkPanel })))

/** What stands over the page; loaded when it is asked for. */
export const Panels = memo(function Panels() {
  return (
    <Suspense fallback={<Opening />}>
      <Open />
    </Suspense>
  )
})

/** Takes what is typed while a panel is being loaded, so that no letter goes into a cell; the finder goes on from it. */
function Opening() {
  const panel = useWorksheetStore((state) => state.panel)
  const show = useWorksheetStore((state) => state.show)
  return (
    <input
      className="spoken"
      autoFocus
      aria-label="Opening …"
      onChange={(event) => panel?.kind === 'finder' && show({ kind: 'finder', text: event.target.value })}
    />
  )
}

function Open() {
  const panel = useWorksheetStore((state) => state.panel)
  switch (panel?.kind) {
    case undefined:
      return null
    case 'finder':
      return <Finder text={panel.text} />
    case 'guide':
      return <Guide key={panel.entry} entry={panel.entry} />
    case 'history':
      return <History />
    case 'settings':
      return <SettingsPanel />
    case 'find':
      return <FindPanel />
    case 'series':
      return <SeriesPanel />
    case 'name':
      return <NamePanel />
    case 'style':
      return <StylePanel />
    case 'tabulate':
      return <TabulatePanel />
    case 'curve':
      return <CurvePanel chart={panel.chart} />
    case 'remark':
      return <RemarkPanel />
  }
}
