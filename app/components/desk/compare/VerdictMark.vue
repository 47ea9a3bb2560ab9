<script setup lang="ts">
import { computed } from 'vue'
import type { VerdictWord } from '#core/evidence'

/** A verdict by word, sign and outline together, never by colour alone. */
const props = withDefaults(defineProps<{ word: VerdictWord; soFar?: boolean }>(), { soFar: false })
const looks: Record<VerdictWord, { words: string; sign: string }> = {
  clear: { words: 'clear', sign: '●' },
  leaning: { words: 'leaning', sign: '◐' },
  'cant-tell': { words: 'can’t tell yet', sign: '?' },
  'no-difference': { words: 'no difference we could measure', sign: '=' },
}
const look = computed(() => looks[props.word])
</script>

<template>
  <span class="verdict" :class="word"
    ><span aria-hidden="true">{{ look.sign }}</span> {{ look.words }}{{ soFar ? ' so far' : '' }}</span
  >
</template>

<style scoped>
.verdict {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  font: 600 var(--text-body) var(--heading);
  border-radius: 999px;
  padding: 4px 14px;
  border: 2px solid var(--teal);
  white-space: nowrap;
}

.clear {
  background: var(--teal);
  color: #fff;
}

.leaning {
  color: var(--teal);
}

.cant-tell {
  border: 2px dotted var(--ink-soft);
}

.no-difference {
  border-color: var(--ink);
}
</style>
