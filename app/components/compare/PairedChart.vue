<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '../../charts/frame'
import { pairedChart, pairedWords } from '../../charts/pairedChart'
import { usePicture } from '../../composables/usePicture'
import { useLesson } from '../../stores/lesson'

/** Every try from moment to moment, the class thick. */
const props = withDefaults(defineProps<{ size?: ChartSize }>(), {
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const store = useLesson()
const { picture } = usePicture()
const data = computed(() =>
  picture.value?.kind === 'paired'
    ? { plan: store.plan, groups: store.groups, picture: picture.value }
    : null,
)
</script>

<template>
  <ChartFrame v-if="data" :option="pairedChart(data, props.size)" :words="pairedWords(data)" />
</template>
