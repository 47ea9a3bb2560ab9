<script setup lang="ts">
import { mdiClockOutline, mdiVolumeHigh } from '@mdi/js'
import { onMounted } from 'vue'
import { useBell } from '~/composables/useBell'
import { useClassClock } from '~/composables/useClassClock'

/** The clock in one line beneath whatever else the Board shows, and the press that a browser wants before it lets a bell sound. */
defineProps<{ withTime: boolean }>()
const { shown, isOn, left, next } = useClassClock()
const { needsPress, allow, watchSilence } = useBell('board')
onMounted(watchSilence)
</script>

<template>
  <div v-if="isOn && shown && (withTime || needsPress)" class="clock-line">
    <p v-if="withTime" role="timer">
      <VIcon :icon="mdiClockOutline" size="1em" />
      <b>{{ shown.step?.name }}</b> <b class="number" :class="{ over: shown.left < 0 }">{{ left }}</b>
      <span v-if="shown.state === 'paused'">paused</span>
      <span v-else class="soft">{{ next }}</span>
    </p>
    <VBtn v-if="needsPress" size="large" variant="outlined" :prepend-icon="mdiVolumeHigh" @click="allow"
      >Press to turn the sound on</VBtn
    >
  </div>
</template>

<style scoped>
.clock-line,
p {
  display: flex;
  align-items: center;
  gap: 0.5em;
  font-size: var(--board-text);
}

p {
  flex: 1;
}

.v-btn {
  font-size: var(--board-text);
  height: auto;
  min-height: 1.8em;
}

.clock-line {
  border-top: 3px solid var(--line);
  padding-top: 8px;
}

.number {
  font-variant-numeric: tabular-nums;
}

.over {
  color: var(--coral);
}
</style>
