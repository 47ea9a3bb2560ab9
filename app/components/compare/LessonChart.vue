<script setup lang="ts">
import type { ChartSize } from '../../charts/resultsChart'
import { useCurves } from '../../composables/useCurves'

/** The chart of the lesson's way of recording. */
defineProps<{ size?: ChartSize }>()
const { curves } = useCurves()
</script>

<template>
  <CurvesChart v-if="curves" :size="size" />
  <ResultsChart v-else :size="size" />
</template>
