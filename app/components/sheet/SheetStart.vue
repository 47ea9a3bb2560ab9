<script setup lang="ts">
import { mdiBellOutline } from '@mdi/js'
import { computed, watch } from 'vue'
import type { Slot } from '#core/record'
import { startOf } from '#core/recording'
import { useBell } from '../../composables/useBell'
import { readAt, useRecorder } from '../../composables/useRecorder'
import { clockWords, useRunningTimes } from '../../composables/useRunningTimes'

/** A container is set going: from now on its minutes count. */
const props = defineProps<{
  slotAt: Slot
  level: string
  /** Seconds until it is to be started, so that no two readings fall together; null where it may be whenever the group is ready. */
  seconds: number | null
}>()
const { ring } = useBell('sheet')
const due = computed(() => props.seconds !== null && props.seconds <= 0)
watch(due, (now, before) => now && before === false && ring())
const recorder = useRecorder('sheet')
const { read } = useRunningTimes()

function start() {
  const now = new Date(read()).toISOString()
  recorder.record(startOf(props.slotAt), readAt(now, now))
}
</script>

<template>
  <section class="step">
    <h1>
      <b>{{ level }}</b>
    </h1>
    <p v-if="seconds !== null" class="when" :class="{ now: due }" role="status">
      <VIcon :icon="mdiBellOutline" size="26" />
      {{
        due
          ? 'Start it now'
          : `Start it in ${clockWords(seconds + 0.999)}, so that no two readings fall together`
      }}
    </p>
    <p>Is everything in its place? Press when it begins. From then on the minutes count.</p>
    <VBtn color="primary" size="x-large" block @click="start">Start {{ level }}</VBtn>
  </section>
</template>

<style scoped>
p {
  font-size: var(--text-lead);
}

.when {
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
