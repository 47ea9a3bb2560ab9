<script setup lang="ts">
import { mdiBellOutline } from '@mdi/js'
import { computed, watch } from 'vue'
import type { Slot } from '#core/record'
import { useBell } from '../../composables/useBell'
import { clockWords, useRunningTimes } from '../../composables/useRunningTimes'

/** How long until the next reading of a container, or how late it is; its own time is kept either way. */
const props = defineProps<{ slotAt: Slot }>()
const { secondsUntil } = useRunningTimes()
const { ring } = useBell('sheet')
const seconds = computed(() => secondsUntil(props.slotAt))
const words = computed(() => {
  if (seconds.value === null) return ''
  if (seconds.value > 0) return `Read in ${clockWords(seconds.value + 0.999)}`
  return seconds.value > -20
    ? 'Read now'
    : `${clockWords(-seconds.value)} late: read now, its real time is kept`
})
watch(
  () => seconds.value !== null && seconds.value <= 0,
  (due, before) => due && before === false && ring(),
)
</script>

<template>
  <p v-if="words" class="clock" :class="{ now: seconds! <= 0 }" role="status">
    <VIcon :icon="mdiBellOutline" size="26" /> {{ words }}
  </p>
</template>

<style scoped>
.clock {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 500 var(--text-title) var(--heading);
  font-variant-numeric: tabular-nums;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  padding: 10px 14px;
}

.now {
  background: var(--marigold-wash);
  border-color: var(--marigold);
}
</style>
