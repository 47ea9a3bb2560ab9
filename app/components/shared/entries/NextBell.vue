<script setup lang="ts">
import { mdiBellOutline } from '@mdi/js'
import { computed } from 'vue'
import { clockWords, useRunningTimes } from '../../../composables/useRunningTimes'
import { useLesson } from '../../../stores/lesson'
import { levelName } from '#core/plan'

/** The next reading of the class, by its own clock. */
withDefaults(defineProps<{ large?: boolean }>(), { large: false })
const store = useLesson()
const { coming } = useRunningTimes()
const next = computed(() => coming.value[0] ?? null)
const words = computed(() => {
  if (!next.value) return ''
  const { slot, seconds } = next.value
  const group = store.groups.find((one) => one.id === slot.groupId)?.name ?? ''
  const level = store.plan.levels.find((one) => one.id === slot.levelId)
  const what = `${group}, ${level ? levelName(store.plan, level) : ''}, ${slot.moment}`
  return seconds > 0 ? `${what}: in ${clockWords(seconds + 0.999)}` : `${what}: now`
})
</script>

<template>
  <p v-if="words" class="bell" :class="{ large }" role="timer">
    <VIcon :icon="mdiBellOutline" :size="large ? 40 : 20" /> {{ words }}
  </p>
</template>

<style scoped>
.bell {
  display: flex;
  align-items: center;
  gap: 8px;
  font-variant-numeric: tabular-nums;
}

.large {
  font-size: var(--board-lead);
}
</style>
