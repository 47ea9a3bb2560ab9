import type { Component } from 'vue'
import type { Picture } from '#core/recording'
import CurvesChart from './CurvesChart.vue'
import CurvesTable from './CurvesTable.vue'
import PairedChart from './PairedChart.vue'
import RowsTable from './RowsTable.vue'
import StackedChart from './StackedChart.vue'

/** How each kind of picture is drawn, its twin as a table, and what the switch to it says. */
export const pictureViews: Record<Picture['kind'], { name: string; chart: Component; table: Component }> = {
  curves: { name: 'Over time', chart: CurvesChart, table: CurvesTable },
  paired: { name: 'Before and after', chart: PairedChart, table: RowsTable },
  stacked: { name: 'Parts and whole', chart: StackedChart, table: RowsTable },
}
