<script setup lang="ts">
import { useRafFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRaceStart } from '~/composables/useRaceStart'

/** Three, two, one over everything else, on every screen at the same moment. */
const { raceHere } = useRaceStart()
const now = ref(Date.now())
useRafFn(() => (now.value = Date.now()), { fpsLimit: 20 })
const goFor = 1.2
const seconds = computed(() => (raceHere.value === null ? null : (raceHere.value - now.value) / 1000))
const word = computed(() => {
  if (seconds.value === null || seconds.value < -goFor || seconds.value > 10) return ''
  return seconds.value <= 0 ? 'Go!' : String(Math.min(3, Math.ceil(seconds.value)))
})
</script>

<template>
  <div v-if="word" class="race" role="status" aria-live="assertive">{{ word }}</div>
</template>

<style scoped>
.race {
  position: fixed;
  inset: 0;
  z-index: 3000;
  display: grid;
  place-content: center;
  background: rgb(251 248 242 / 88%);
  font: 700 min(60vw, 60vh) / 1 var(--heading);
  color: var(--ink);
  pointer-events: none;
}
</style>
