<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '~/charts/frame'
import { chartWords, resultsChart } from '~/charts/resultsChart'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** The results as a chart: every try a dot, every group its emblem. */
const props = withDefaults(defineProps<{ size?: ChartSize; blank?: boolean }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const store = useLesson()
const results = useResults()
const data = computed(() => ({
  plan: store.scored,
  groups: store.testers,
  evidence: results.evidence,
}))
const option = computed(() => resultsChart(data.value, props.size))
</script>

<template>
  <ChartFrame :option="option" :words="chartWords(data)" :blank="blank" />
</template>
