<script setup lang="ts">
import { mdiClockOutline } from '@mdi/js'
import { useClassClock } from '~/composables/useClassClock'
import { useStations } from '~/composables/useStations'

/** Where the class is, in one line above everything else. */
defineProps<{ groupIndex: number }>()
const { shown, isOn, left } = useClassClock()
const { stations } = useStations()
</script>

<template>
  <p v-if="isOn && shown" class="class-step">
    <VIcon :icon="mdiClockOutline" size="18" /> {{ shown.step?.name }}
    <b class="number" role="timer">{{ left }}</b>
    <span v-if="shown.state === 'paused'">pause</span>
    <b v-if="stations">{{ stations[groupIndex] ? `Go to ${stations[groupIndex]}` : 'Wait this turn' }}</b>
  </p>
</template>

<style scoped>
.class-step {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: var(--text-lead);
  margin-block: 10px 4px;
}

.number {
  font-variant-numeric: tabular-nums;
}
</style>
