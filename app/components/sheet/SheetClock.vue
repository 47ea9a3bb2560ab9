<script setup lang="ts">
import { computed } from 'vue'
import type { Slot } from '#core/entries'
import { clockWords, useRunningTimes } from '~/composables/useRunningTimes'

/** How long until the next reading of a container, or how late it is; its own time is kept either way. */
const props = defineProps<{ slotAt: Slot }>()
const { secondsUntil } = useRunningTimes()
const seconds = computed(() => secondsUntil(props.slotAt))
const words = computed(() => {
  if (seconds.value === null) return ''
  if (seconds.value > 0) return `Read in ${clockWords(seconds.value + 0.999)}`
  return seconds.value > -20
    ? 'Read now'
    : `${clockWords(-seconds.value)} late: read it now; we keep the real time`
})
</script>

<template>
  <SheetBell v-if="words" :due="seconds! <= 0">{{ words }}</SheetBell>
</template>
