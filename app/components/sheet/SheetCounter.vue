<script setup lang="ts">
import { mdiPause, mdiPlay, mdiUndo, mdiVolumeHigh, mdiVolumeOff } from '@mdi/js'
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useBell } from '~/composables/useBell'

/** A counter to be tapped while the eyes are on what is counted: the count is the number that is typed, so it is kept as that is. */
const text = defineModel<string>({ required: true })
const sounds = useLocalStorage('jolly-beaker-count-sounds', false)
const paused = ref(false)
const { tick, allow } = useBell('sheet')
/** Whoever counts further than this types it. */
const most = 9999
const count = computed(() => {
  const typed = text.value.trim()
  return /^\d{1,6}$/.test(typed) ? Number(typed) : typed === '' ? 0 : null
})
const isFull = computed(() => count.value !== null && count.value >= most)

function add(by: 1 | -1) {
  if (count.value === null || paused.value) return
  const next = count.value + by
  if (next < 0 || next > most) return
  text.value = String(next)
  if (by > 0 && sounds.value) tick()
}

function sound() {
  sounds.value = !sounds.value
  if (sounds.value) allow()
}

/** The space bar counts, too, but where somebody writes. */
useEventListener(globalThis.document, 'keydown', (event: KeyboardEvent) => {
  const { target } = event
  const writes = target instanceof HTMLElement && target.closest('input, textarea, button, a, select')
  if (event.key !== ' ' || event.repeat || writes) return
  event.preventDefault()
  add(1)
})
</script>

<template>
  <div class="counter">
    <button type="button" class="tap" :disabled="count === null || paused || isFull" @click="add(1)">
      <b class="number">{{ count ?? '–' }}</b>
      <span>{{ paused ? 'paused' : 'Tap for each one' }}</span>
    </button>
    <div class="row">
      <VBtn
        :prepend-icon="mdiUndo"
        variant="outlined"
        size="large"
        :disabled="!count || paused"
        @click="add(-1)"
        >One back</VBtn
      >
      <VBtn
        :prepend-icon="paused ? mdiPlay : mdiPause"
        variant="outlined"
        size="large"
        :aria-pressed="paused"
        @click="paused = !paused"
        >{{ paused ? 'Go on' : 'Pause' }}</VBtn
      >
      <VBtn
        :icon="sounds ? mdiVolumeHigh : mdiVolumeOff"
        variant="text"
        :aria-label="sounds ? 'Count without a sound' : 'Count with a sound'"
        :aria-pressed="sounds"
        @click="sound"
      />
    </div>
    <p v-if="count === null" class="small" role="status">
      What is typed is no whole number, so we can’t count on from it.
    </p>
    <p v-else-if="isFull" class="small" role="status">
      We count as far as {{ most }}. If there are more, type the number.
    </p>
  </div>
</template>

<style scoped>
.counter {
  display: grid;
  gap: 10px;
}

.tap {
  display: grid;
  place-items: center;
  gap: 2px;
  min-height: 168px;
  border: 3px solid var(--teal);
  border-radius: var(--radius);
  background: var(--teal-wash);
  font-size: var(--text-lead);
  touch-action: manipulation;
  user-select: none;
}

.tap:active:not(:disabled) {
  background: var(--marigold-wash);
}

.tap:disabled {
  border-color: var(--line);
  background: var(--surface);
  color: var(--ink-soft);
}

.tap b {
  font: 700 72px/1 var(--heading);
}
</style>
