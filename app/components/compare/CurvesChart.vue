<script setup lang="ts">
import { computed } from 'vue'
import { curvesChart, curvesWords } from '../../charts/curvesChart'
import type { ChartSize } from '../../charts/frame'
import { usePicture } from '../../composables/usePicture'
import { useLesson } from '../../stores/lesson'

/** Readings over time: every group thin, the class thick. */
const props = withDefaults(defineProps<{ size?: ChartSize }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const store = useLesson()
const { picture, byDay } = usePicture()
const data = computed(() => ({
  plan: store.plan,
  groups: store.groups,
  curves: picture.value?.kind === 'curves' ? picture.value.curves : [],
  byDay: byDay.value,
}))
const option = computed(() => curvesChart(data.value, props.size))
</script>

<template>
  <ChartFrame :option="option" :words="curvesWords(data)" />
</template>
