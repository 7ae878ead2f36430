import { BarChart, BoxplotChart, CustomChart, HeatmapChart, LineChart, PieChart, ScatterChart } from 'echarts/charts'
import {
  AriaComponent,
  GridComponent,
  LegendComponent,
  LegendScrollComponent,
  MarkLineComponent,
  TooltipComponent,
  VisualMapComponent,
} from 'echarts/components'
import * as echarts from 'echarts/core'
import { LabelLayout } from 'echarts/features'
import { CanvasRenderer, SVGRenderer } from 'echarts/renderers'

echarts.use([
  AriaComponent,
  BarChart,
  BoxplotChart,
  CanvasRenderer,
  CustomChart,
  GridComponent,
  HeatmapChart,
  LabelLayout,
  LegendComponent,
  LegendScrollComponent,
  LineChart,
  MarkLineComponent,
  PieChart,
  SVGRenderer,
  ScatterChart,
  TooltipComponent,
  VisualMapComponent,
])

/** The drawing library with the parts that charts use. */
export { echarts }
