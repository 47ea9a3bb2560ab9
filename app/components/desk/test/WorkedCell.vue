<script setup lang="ts">
import { computed } from 'vue'
import { workedShort, type Working } from '#core/recording'

/** What a try comes to, with its arithmetic for whoever asks. */
const props = defineProps<{ steps: readonly Working[] }>()
const short = computed(() => workedShort(props.steps))
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
