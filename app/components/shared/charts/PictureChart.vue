<script setup lang="ts">
import { computed } from 'vue'
import type { ChartSize } from '~/charts/frame'
import { pictureChart } from '~/charts/pictureChart'
import { usePicture } from '~/composables/usePicture'
import { useLesson } from '~/stores/lesson'

/** What the readings look like, as the way of recording draws them. */
const props = withDefaults(defineProps<{ size?: ChartSize; quantity?: number; blank?: boolean }>(), {
  quantity: 0,
  size: () => ({ text: 14, symbol: 14, summary: true }),
})
const store = useLesson()
const { plan, picture, byDay } = usePicture(() => props.quantity)
const drawn = computed(() =>
  picture.value === null
    ? null
    : pictureChart(
        { plan: plan.value, groups: store.testers, picture: picture.value, byDay: byDay.value },
        props.size,
      ),
)
</script>

<template>
  <ChartFrame v-if="drawn" :option="drawn.option" :words="drawn.words" :blank="blank" />
</template>
