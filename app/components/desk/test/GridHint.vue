<script setup lang="ts">
import type { GridHint } from '~/composables/useReadingGrid'

/** What is asked about a typed text, with what may be answered; else what the keys do. */
defineProps<{
  hint: GridHint | null
  /** The suggestion as it would be written; empty where there is none. */
  suggested: string
  /** What is typed: "a number". */
  what: string
}>()
defineEmits<{ choose: [value: number]; lookAgain: []; takeInstead: []; keep: [] }>()
</script>

<template>
  <p class="hint" role="status" :class="{ shown: hint }" @mousedown.prevent>
    <template v-if="hint">
      <b>{{ hint.where }}:</b> <template v-if="hint.readings.length === 0">{{ hint.message }}</template>
      <QuantityChoice
        v-if="hint.readings.length > 0"
        :readings="hint.readings"
        @choose="$emit('choose', $event)"
      />
      <template v-else-if="hint.value !== null">
        <VBtn size="small" variant="outlined" color="primary" @click="$emit('lookAgain')">Look again</VBtn>
        <VBtn v-if="suggested" size="small" variant="text" @click="$emit('takeInstead')"
          >Make it {{ suggested }}</VBtn
        >
        <VBtn size="small" variant="text" @click="$emit('keep')">Keep {{ hint.typed }}</VBtn>
      </template>
    </template>
    <template v-else
      >Type {{ what }} and press Enter. <b>x</b> sets a try aside, <b>n</b> adds a note, <b>u</b> undoes. A
      corner mark shows a try that was set aside and repeated.</template
    >
  </p>
</template>

<style scoped>
.hint {
  min-height: 34px;
  font-size: var(--text-body-small);
  color: var(--ink-soft);
}

.hint.shown {
  color: var(--ink);
  background: var(--marigold-wash);
  border-radius: 8px;
  padding: 6px 12px;
}
</style>
