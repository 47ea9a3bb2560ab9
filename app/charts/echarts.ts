import { BarChart, CustomChart, LineChart, ScatterChart } from 'echarts/charts'
import { AriaComponent, GridComponent, LegendPlainComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'

use([
  BarChart,
  CustomChart,
  ScatterChart,
  LineChart,
  GridComponent,
  TooltipComponent,
  AriaComponent,
  LegendPlainComponent,
  SVGRenderer,
])

export { default as VChart } from 'vue-echarts'
