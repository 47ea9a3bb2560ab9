<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '../../charts/frame'
import { usePicture } from '../../composables/usePicture'
import { pictureViews } from './pictureViews'

/** The chart of the lesson's way of recording. */
defineProps<{ size?: ChartSize }>()
const { picture } = usePicture()
const view = computed(() => picture.value && pictureViews[picture.value.kind])
</script>

<template>
  <component :is="view.chart" v-if="view" :size="size" />
  <ResultsChart v-else :size="size" />
</template>
