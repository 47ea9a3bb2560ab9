<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '../../charts/frame'
import { stackedChart, stackedWords } from '../../charts/stackedChart'
import { usePicture } from '../../composables/usePicture'
import { useLesson } from '../../stores/lesson'

/** The parts on top of one another, and the whole beside them. */
const props = withDefaults(defineProps<{ size?: ChartSize }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const store = useLesson()
const { picture } = usePicture()
const data = computed(() =>
  picture.value?.kind === 'stacked'
    ? { plan: store.plan, groups: store.groups, picture: picture.value }
    : null,
)
</script>

<template>
  <ChartFrame v-if="data" :option="stackedChart(data, props.size)" :words="stackedWords(data)" />
</template>
