<script setup lang="ts">
import type { EChartsCoreOption } from 'echarts/core'
import { lazyComponent } from '~/loading/lazy'

/** A chart as wide and high as its place, with what it shows in words. */
defineProps<{ option: EChartsCoreOption; words: string }>()
</script>

<script lang="ts">
const VChart = lazyComponent(() => import('~/charts/echarts').then(({ VChart }) => VChart))
</script>

<template>
  <figure class="chart">
    <VChart :option="option" autoresize class="canvas" role="img" :aria-label="words" />
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
