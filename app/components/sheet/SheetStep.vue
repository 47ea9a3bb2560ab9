<script setup lang="ts">
import { mdiClockOutline } from '@mdi/js'
import { useClassClock } from '../../composables/useClassClock'

/** Where the class is, in one line above everything else. */
const { shown, isOn, left } = useClassClock()
</script>

<template>
  <p v-if="isOn && shown" class="class-step">
    <VIcon :icon="mdiClockOutline" size="18" /> {{ shown.step?.name }}
    <b class="number" role="timer">{{ left }}</b>
    <span v-if="shown.state === 'paused'">pause</span>
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
