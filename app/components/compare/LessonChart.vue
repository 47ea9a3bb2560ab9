<script setup lang="ts">
import type { ChartSize } from '../../charts/frame'
import { usePicture } from '../../composables/usePicture'

/** The chart of the lesson's way of recording. */
defineProps<{ size?: ChartSize }>()
const { picture } = usePicture()
</script>

<template>
  <PictureChart v-if="picture" :size="size" />
  <ResultsChart v-else :size="size" />
</template>
