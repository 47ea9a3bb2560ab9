<script setup lang="ts">
import { computed, watch } from 'vue'
import { reactionSd } from '#core/instrument'
import { printNumber } from '#core/quantity'
import { useRaceStart } from '../../../composables/useRaceStart'
import { useStopwatch } from '../../../composables/useStopwatch'

/** A stopwatch to press: start, lap, stop, cancel. What it gives is offered as the reading, and may be typed over. */
const props = defineProps<{
  /** What is timed; another try has another stopwatch. */
  timed: string
  /** How finely it is read, in seconds. */
  mark: number
}>()
const emit = defineEmits<{ taken: [seconds: number] }>()
const { raceAt, here } = useRaceStart()
const { seconds, laps, isRunning, hasStopped, start, stop, lap, cancel } = useStopwatch(
  () => props.timed,
  raceAt,
  here,
)
const shown = (value: number) => {
  const whole = Math.max(0, value)
  const minutes = Math.floor(whole / 60)
  const rest = printNumber(Math.floor((whole % 60) / props.mark) * props.mark, props.mark)
  return minutes > 0
    ? `${minutes}:${rest.padStart(rest.includes('.') ? 3 + rest.split('.')[1]!.length : 2, '0')}`
    : rest
}
const waits = computed(() => isRunning.value && seconds.value < 0)
const thumb = printNumber(Math.round(10 * Math.SQRT2 * reactionSd) / 10, 0.1)
watch(hasStopped, (stopped) => stopped && emit('taken', seconds.value), { immediate: true })
</script>

<template>
  <section class="stopwatch" aria-label="Stopwatch">
    <p class="digits number" role="timer">{{ shown(seconds) }} <small>s</small></p>
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
        >Lap {{ index + 1 }}: {{ shown(one) }} s</VBtn
      >
    </p>
    <p v-if="hasStopped" class="small soft">
      It stands below. A thumb is off by about {{ thumb }} s; that is reckoned with.
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

.digits small {
  font-size: 0.5em;
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
