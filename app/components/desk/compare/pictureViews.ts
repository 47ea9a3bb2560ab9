import type { Component } from 'vue'
import type { Picture } from '#core/recording'
import CurvesTable from './CurvesTable.vue'
import RowsTable from './RowsTable.vue'
import StepsTable from './StepsTable.vue'
import TilesTable from './TilesTable.vue'

/** The twin of each kind of picture as a table, and what the switch to it says. */
export const pictureViews: Record<Picture['kind'], { name: string; table: Component }> = {
  curves: { name: 'Over time', table: CurvesTable },
  paired: { name: 'Before and after', table: RowsTable },
  stacked: { name: 'Parts and whole', table: RowsTable },
  tiles: { name: 'As it was seen', table: TilesTable },
  steps: { name: 'Round by round', table: StepsTable },
}
