<script setup lang="ts">
import type { ChartSize } from '~/charts/frame'
import { usePicture } from '~/composables/usePicture'

/** The chart of the lesson's way of recording. */
withDefaults(defineProps<{ size?: ChartSize; quantity?: number; blank?: boolean }>(), {
  size: undefined,
  quantity: 0,
})
const { picture } = usePicture()
</script>

<template>
  <PictureChart v-if="picture" :size="size" :quantity="quantity" :blank="blank" />
  <ResultsChart v-else :size="size" :blank="blank" />
</template>
