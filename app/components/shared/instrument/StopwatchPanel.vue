<script setup lang="ts">
import { computed, watch } from 'vue'
import { readingError } from '#core/instrument'
import { printQuantity, unitDefinition } from '#core/quantity'
import { timedReading, type FieldDefinition } from '#core/recording'
import { useRaceStart } from '~/composables/useRaceStart'
import { clockWords } from '~/composables/useRunningTimes'
import { useStopwatch } from '~/composables/useStopwatch'

/** A stopwatch to press: start, lap, stop, cancel. What it gives is offered as the reading, and may be typed over. */
const props = defineProps<{
  /** What is timed; another try has another stopwatch. */
  timed: string
  /** What the time is typed into. */
  field: FieldDefinition
}>()
const emit = defineEmits<{ taken: [seconds: number] }>()
const { raceAt, here } = useRaceStart()
const { seconds, laps, isRunning, hasStopped, start, stop, lap, cancel } = useStopwatch(
  () => props.timed,
  raceAt,
  here,
)
const symbol = computed(() => unitDefinition(props.field.unit).symbol)
const read = (value: number) => `${timedReading(props.field, value).typed} ${symbol.value}`
const running = (value: number) => (value < 60 ? `${Math.max(0, value).toFixed(1)} s` : clockWords(value))
const waits = computed(() => isRunning.value && seconds.value < 0)
/** How far a time by hand is off, as the evidence counts on it. */
const off = computed(() => {
  const { instrument } = props.field
  return instrument ? printQuantity(readingError(instrument), instrument.unit, 0.1) : ''
})
watch(hasStopped, (stopped) => stopped && emit('taken', seconds.value), { immediate: true })
</script>

<template>
  <section class="stopwatch" aria-label="Stopwatch">
    <p class="digits number" role="timer">{{ hasStopped ? read(seconds) : running(seconds) }}</p>
    <div class="buttons">
      <VBtn
        v-if="!isRunning && !hasStopped"
        size="x-large"
        color="secondary"
        variant="outlined"
        @click="start"
        >Start</VBtn
      >
      <template v-else-if="isRunning">
        <VBtn size="x-large" color="secondary" :disabled="waits" @click="stop">Stop</VBtn>
        <VBtn size="x-large" variant="outlined" :disabled="waits" @click="lap">Lap</VBtn>
        <VBtn size="large" variant="text" @click="cancel">Cancel</VBtn>
      </template>
      <VBtn v-else size="large" variant="text" @click="cancel">Time it once more</VBtn>
    </div>
    <p v-if="laps.length" class="laps" aria-label="Laps">
      <VBtn v-for="(one, index) in laps" :key="index" size="small" variant="tonal" @click="emit('taken', one)"
        >Lap {{ index + 1 }}: {{ read(one) }}</VBtn
      >
    </p>
    <p v-if="hasStopped" class="small soft">
      It’s below.<template v-if="off"> A time by hand is off by about {{ off }}; we allow for that.</template>
    </p>
  </section>
</template>

<style scoped>
.stopwatch {
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  padding: 10px 14px;
  display: grid;
  gap: 8px;
}

.digits {
  font: 600 var(--text-hero) / 1 var(--heading);
  font-variant-numeric: tabular-nums;
}

.buttons,
.laps {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.buttons .v-btn--size-x-large {
  flex: 1;
}
</style>
