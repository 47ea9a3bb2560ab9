<script setup lang="ts">
import { mdiCheckCircle } from '@mdi/js'
import { useScienceWords } from '~/composables/useScienceWords'

/** The lesson's words for all to see, with those ticked that somebody has used. */
const { words, used } = useScienceWords()
</script>

<template>
  <dl class="board-words">
    <div v-for="one in words" :key="one.word" :class="{ used: used.has(one.word.trim()) }">
      <dt>
        {{ one.word }}
        <VIcon
          v-if="used.has(one.word.trim())"
          :icon="mdiCheckCircle"
          :size="34"
          color="primary"
          aria-label="used"
        />
      </dt>
      <dd>{{ one.meaning }}</dd>
      <dd v-if="one.use" class="use">“{{ one.use }}”</dd>
    </div>
  </dl>
</template>

<style scoped>
.board-words {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 460px), 1fr));
  gap: 16px;
  align-content: start;
}

.board-words > div {
  padding: 14px 20px;
  background: var(--surface);
  border: 3px solid var(--line);
  border-radius: var(--radius);
  overflow-wrap: anywhere;
}

.board-words > .used {
  border-color: var(--teal);
}

dt {
  font: 600 calc(var(--board-text) * 1.3) / 1.2 var(--heading);
}

dd {
  margin: 4px 0 0;
  font-size: var(--board-text);
  line-height: 1.35;
}

.use {
  color: var(--ink-soft);
}
</style>
