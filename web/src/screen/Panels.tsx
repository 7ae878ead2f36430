import { memo } from 'react'
import { later } from '../later/later'
import { useWorksheetStore } from '../worksheet/store'

const Finder = later(() => import('../finder/Finder').then((module) => module.Finder), Opening)
const Guide = later(() => import('../guide/Guide').then((module) => module.Guide), Opening)
const History = later(() => import('../history/History').then((module) => module.History), Opening)
const SettingsPanel = later(() => import('../panels/SettingsPanel').then((module) => module.SettingsPanel), Opening)
const RatesPanel = later(() => import('../panels/RatesPanel').then((module) => module.RatesPanel), Opening)
const FindPanel = later(() => import('../panels/FindPanel').then((module) => module.FindPanel), Opening)
const SeriesPanel = later(() => import('../panels/SeriesPanel').then((module) => module.SeriesPanel), Opening)
const NamePanel = later(() => import('../panels/NamePanel').then((module) => module.NamePanel), Opening)
const StylePanel = later(() => import('../panels/StylePanel').then((module) => module.StylePanel), Opening)
const UnitPanel = later(() => import('../panels/UnitPanel').then((module) => module.UnitPanel), Opening)
const FilterPanel = later(() => import('../panels/FilterPanel').then((module) => module.FilterPanel), Opening)
const TabulatePanel = later(() => import('../panels/TabulatePanel').then((module) => module.TabulatePanel), Opening)
const CurvePanel = later(() => import('../panels/CurvePanel').then((module) => module.CurvePanel), Opening)
const RemarkPanel = later(() => import('../panels/RemarkPanel').then((module) => module.RemarkPanel), Opening)
const HandOverPanel = later(() => import('../panels/HandOverPanel').then((module) => module.HandOverPanel), Opening)
const PrintPanel = later(() => import('../panels/PrintPanel').then((module) => module.PrintPanel), Opening)
const BringInPanel = later(() => import('../panels/BringInPanel').then((module) => module.BringInPanel), Opening)

const BroughtReport = later(() => import('../panels/BroughtReport').then((module) => module.BroughtReport), Opening)

/** Takes what is typed while a panel is being loaded, so that no letter goes into a cell; the finder goes on from it. */
function Opening() {
  const panel = useWorksheetStore((state) => state.panel)
  const show = useWorksheetStore((state) => state.show)
  return (
    <section aria-label="Opening">
      <input
        className="spoken"
        autoFocus
        aria-label="Opening …"
        onChange={(event) => panel?.kind === 'finder' && show({ kind: 'finder', text: event.target.value })}
      />
    </section>
  )
}

/** What stands over the page; loaded when it is asked for. */
export const Panels = memo(function Panels() {
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
    case 'rates':
      return <RatesPanel />
    case 'find':
      return <FindPanel />
    case 'series':
      return <SeriesPanel />
    case 'name':
      return <NamePanel />
    case 'style':
      return <StylePanel />
    case 'unit':
      return <UnitPanel />
    case 'filter':
      return <FilterPanel />
    case 'tabulate':
      return <TabulatePanel />
    case 'curve':
      return <CurvePanel chart={panel.chart} />
    case 'remark':
      return <RemarkPanel />
    case 'handOver':
      return <HandOverPanel />
    case 'print':
      return <PrintPanel />
    case 'bringIn':
      return <BringInPanel file={panel.file} />
    case 'brought':
      return <BroughtReport brought={panel.brought} />
  }
})
