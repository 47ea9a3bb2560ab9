<script setup lang="ts">
import { computed } from 'vue'
import type { Working } from '#core/recording'

/** What a try comes to, with its arithmetic for whoever asks. */
const props = defineProps<{ steps: readonly Working[] }>()
/** Of each quantity the last sum, and its share where there is one and it is not of nothing. */
const short = computed(() => {
  const last = new Map<string, Working[]>()
  let unit = ''
  for (const step of props.steps) {
    if (step.unit !== 'percent') last.set((unit = step.unit), [step])
    else if (last.get(unit)?.[0]?.value !== 0) last.get(unit)?.push(step)
  }
  return [...last.values()].map((steps) => steps.map((step) => step.short).join(', ')).join('; ')
})
</script>

<template>
  <td class="worked number" :title="steps.map((step) => step.said).join('\n')">{{ short }}</td>
</template>

<style scoped>
.worked {
  padding: 0 8px;
  white-space: nowrap;
  font-size: var(--text-small);
  color: var(--ink-soft);
  background: var(--paper);
  border-left: 1px solid var(--line-soft);
}
</style>
