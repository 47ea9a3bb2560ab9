<script setup lang="ts">
import { computed, ref } from 'vue'
import { firstOf } from '#core/defined'
import type { WordId } from '#core/method'
import { useMethod } from '~/composables/useMethod'

/** The plan in sentences: every underlined word can be pressed or typed over. One stop of the Tab key, arrows inside. */
const { sentences, words } = useMethod()
const paragraph = ref<HTMLElement | null>(null)
const last = ref<WordId>('changed')
const stop = computed(() => words.value.find((word) => word.id === last.value)?.id ?? firstOf(words.value).id)
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
    <p v-for="(sentence, index) in sentences" :key="index">
      <template v-for="(part, place) in sentence" :key="typeof part === 'string' ? place : part.id"
        ><template v-if="typeof part === 'string'">{{ part }}</template
        ><PlanWord v-else :word="part" :tabindex="part.id === stop ? 0 : -1" @focus="last = part.id"
      /></template>
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

p:empty {
  display: none;
}
</style>
