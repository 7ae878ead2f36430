import type { EChartsCoreOption } from 'echarts/core'
import type { Chart, ChartData } from '../../api/types'
import type { Inks } from '../inks'
import { plotOptions } from './plot'
import { boxesOptions, histogramOptions, sharesOptions } from './spread'
import type { Turned } from './turned'
import { contoursOptions, fieldsOptions, surfaceOptions } from './twoWay'

/** What is drawn besides the chart itself. */
export interface Besides {
  /** Addresses of selected cells: what they are on the chart is marked. */
  readonly chosen: ReadonlySet<string>
  /** A former look, laid under it in pale. */
  readonly former: ChartData | null
  readonly turned: Turned
}

/** How a chart is drawn. */
export function optionsOf(chart: Chart, data: ChartData, inks: Inks, besides: Besides): EChartsCoreOption {
  switch (data.form) {
    case 'PLOT':
      return plotOptions(chart, data, inks, besides.chosen, besides.former)
    case 'SHARES':
      return sharesOptions(chart, data, inks, besides.chosen)
    case 'HISTOGRAM':
      return histogramOptions(chart, data, inks)
    case 'BOXES':
      return boxesOptions(chart, data, inks, besides.chosen)
    case 'FIELDS':
      return data.table ? fieldsOptions(chart, data, data.table, inks, besides.chosen) : {}
    case 'CONTOURS':
      return data.table ? contoursOptions(chart, data, data.table, inks, besides.chosen) : {}
    case 'SURFACE':
      return data.table ? surfaceOptions(data, data.table, inks, besides.turned, besides.chosen) : {}
  }
}
