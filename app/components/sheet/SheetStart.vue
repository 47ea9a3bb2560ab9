<script setup lang="ts">
import type { Slot } from '#core/entries'
import { startOf } from '#core/recording'
import { readTimeFields, useRecorder } from '~/composables/useRecorder'
import { clockWords, useRunningTimes } from '~/composables/useRunningTimes'

/** A container is set going: from now on its minutes count. */
const props = defineProps<{
  slotAt: Slot
  level: string
  /** Seconds until it is to be started, so that no two readings fall together; null where it may be whenever the group is ready. */
  seconds: number | null
}>()
const recorder = useRecorder('sheet')
const { read } = useRunningTimes()

function start() {
  const now = new Date(read()).toISOString()
  recorder.record(startOf(props.slotAt), readTimeFields(now, now))
}
</script>

<template>
  <section class="step">
    <h1>
      <b>{{ level }}</b>
    </h1>
    <SheetBell v-if="seconds !== null" :due="seconds <= 0">{{
      seconds <= 0
        ? 'Start it now'
        : `Start it in ${clockWords(seconds + 0.999)}, so that no two readings fall together`
    }}</SheetBell>
    <p>Is everything in its place? Press when it begins. From then on the minutes count.</p>
    <VBtn color="primary" size="x-large" block @click="start">Start {{ level }}</VBtn>
  </section>
</template>

<style scoped>
p {
  font-size: var(--text-lead);
}
</style>
