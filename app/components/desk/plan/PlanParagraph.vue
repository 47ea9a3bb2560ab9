<script setup lang="ts">
import { computed, ref } from 'vue'
import { firstOf } from '#core/defined'
import type { WordId } from '#core/method'
import { withPunctuation } from './withPunctuation'
import { useMethod } from '~/composables/useMethod'

/** The plan in sentences: every underlined word can be pressed or typed over. One stop of the Tab key, arrows inside. */
const { sentences, words } = useMethod()
const paragraph = ref<HTMLElement | null>(null)
const last = ref<WordId>('changed')
const stop = computed(() => words.value.find((word) => word.id === last.value)?.id ?? firstOf(words.value).id)
const lines = computed(() => sentences.value.map(withPunctuation))
const steps: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }

function roam(event: KeyboardEvent) {
  const at = words.value.findIndex((word) => word.id === stop.value)
  const to =
    event.key === 'Home' ? 0 : event.key === 'End' ? words.value.length - 1 : at + (steps[event.key] ?? 0)
  const next = words.value[to]
  if (to === at || !next || !(event.target instanceof HTMLElement) || !event.target.matches('.word')) return
  event.preventDefault()
  last.value = next.id
  paragraph.value?.querySelector<HTMLElement>(`[data-word="${next.id}"]`)?.focus()
}
</script>

<template>
  <div ref="paragraph" class="paragraph" role="group" aria-label="The plan in sentences" @keydown="roam">
    <p v-for="(line, index) in lines" :key="index">
      <template v-for="({ word, text }, place) in line" :key="word?.id ?? place"
        ><span v-if="word" class="held"
          ><PlanWord :word="word" :tabindex="word.id === stop ? 0 : -1" @focus="last = word.id" />{{
            text
          }}</span
        ><template v-else>{{ text }}</template></template
      >
    </p>
  </div>
</template>

<style scoped>
.paragraph {
  font: 400 var(--text-display)/1.72 var(--heading);
  letter-spacing: -0.012em;
  color: var(--ink);
  max-width: 62ch;
  overflow-wrap: anywhere;
}

p {
  display: inline;
}

p + p::before {
  content: ' ';
}

.held {
  white-space: nowrap;
}

.held :deep(.word) {
  white-space: normal;
}

p:empty {
  display: none;
}
</style>
