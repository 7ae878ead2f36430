import { Scatter3DChart, SurfaceChart } from 'echarts-gl/charts'
import { Grid3DComponent } from 'echarts-gl/components'
import * as echarts from 'echarts/core'

echarts.use([Scatter3DChart, SurfaceChart, Grid3DComponent])
