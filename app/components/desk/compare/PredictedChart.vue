<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '~/charts/frame'
import { predictedChart, predictedWords } from '~/charts/predictedChart'
import { usePredictedNumbers } from '~/composables/usePredictedNumbers'

/** Predicted numbers and what was read, on one number line. */
const props = withDefaults(defineProps<{ size?: ChartSize }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const { lines, plan } = usePredictedNumbers()
const data = computed(() => ({ plan: plan.value, lines: lines.value }))
const option = computed(() => predictedChart(data.value, props.size))
</script>

<template>
  <ChartFrame :option="option" :words="predictedWords(data)" />
</template>
