<script setup lang="ts">
import { computed } from 'vue'
import type { Working } from '#core/recording'

/** What a try comes to, with its arithmetic for whoever asks. */
const props = defineProps<{ steps: readonly Working[] }>()
/** The last sum, and its share where there is one. */
const short = computed(() => {
  const sum = props.steps.findLast((step) => step.unit !== 'percent')
  const shares = sum?.value === 0 ? [] : props.steps.filter((step) => step.unit === 'percent')
  return [...(sum ? [sum] : []), ...shares].map((step) => step.short).join(', ')
})
</script>

<template>
  <td class="worked number" :title="steps.map((step) => step.said).join('\n')">{{ short }}</td>
</template>

<style scoped>
.worked {
  padding: 0 8px;
  white-space: nowrap;
  font-size: 0.85rem;
  color: var(--ink-soft);
  background: #fbf8f2;
  border-left: 1px solid #ece6da;
}
</style>
