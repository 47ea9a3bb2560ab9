<script setup lang="ts">
import { computed } from 'vue'
import type { Autosave } from '~/composables/useAutosave'

/** Says of what saves by itself whether the server has it, and why not. */
const props = defineProps<{ of: Pick<Autosave<unknown>, 'state' | 'problem'>[] }>()
const states = computed(() => props.of.map(({ state }) => state.value))
const problem = computed(() => props.of.map((one) => one.problem.value).find((one) => one !== null))
const said = computed(() => {
  if (problem.value) return `Not saved: ${problem.value}`
  return states.value.includes('waiting') ? 'saving…' : 'saved'
})
</script>

<template>
  <p role="status" class="small" :class="problem ? 'trouble' : 'soft'">{{ said }}</p>
</template>

<style scoped>
.trouble {
  color: var(--coral);
  max-width: 42ch;
}
</style>
