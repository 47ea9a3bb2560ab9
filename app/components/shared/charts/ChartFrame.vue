<script setup lang="ts">
import type { EChartsCoreOption } from 'echarts/core'
import { computed } from 'vue'
import { axesOnly } from '~/charts/axesOnly'
import { lazyComponent } from '~/loading/lazy'

/** A chart as wide and high as its place, with what it shows in words; blank, its axes alone. */
const props = defineProps<{ option: EChartsCoreOption; words: string; blank?: boolean }>()
const drawn = computed(() => (props.blank ? axesOnly(props.option) : props.option))
</script>

<script lang="ts">
const VChart = lazyComponent(() => import('~/charts/echarts').then(({ VChart }) => VChart))
</script>

<template>
  <figure class="chart">
    <VChart
      :option="drawn"
      autoresize
      class="canvas"
      role="img"
      :aria-label="blank ? 'Axes to draw on' : words"
    />
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
  height: 100%;
  min-height: 200px;
}

.canvas {
  height: 100%;
  width: 100%;
}
</style>
