<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { chartWords, resultsChart, type ChartSize } from '../../charts/resultsChart'
import { useLesson } from '../../stores/lesson'

/** The results as a chart: every try a dot, every group its emblem. */
const props = withDefaults(defineProps<{ size?: ChartSize }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const VChart = defineAsyncComponent(() => import('../../charts/echarts').then((module) => module.VChart))
const store = useLesson()
const data = computed(() => ({
  plan: store.scored,
  groups: store.groups,
  entries: store.entries,
  evidence: store.evidence,
}))
const option = computed(() => resultsChart(data.value, props.size))
</script>

<template>
  <figure class="chart">
    <VChart :option="option" autoresize class="canvas" role="img" :aria-label="chartWords(data)" />
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
