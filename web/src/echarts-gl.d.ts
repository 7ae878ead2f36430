/** The package has no types of its own. */
declare module 'echarts-gl/charts' {
  import type { LineChart } from 'echarts/charts'
  export const Scatter3DChart: typeof LineChart
  export const SurfaceChart: typeof LineChart
}
declare module 'echarts-gl/components' {
  import type { GridComponent } from 'echarts/components'
  export const Grid3DComponent: typeof GridComponent
}
