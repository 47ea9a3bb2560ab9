<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { MethodWord } from '#core/method'
import { capital } from '#core/quantity'
import { useMethod } from '~/composables/useMethod'
import { useLesson } from '~/stores/lesson'
import { KeptSamePanel, LevelsPanel, WordChoices, WordNumber, WordText } from './laterWords'

/** One word of the plan: a button that says what it stands for, and opens what it can become. */
const props = defineProps<{ word: MethodWord; tabindex?: number; listed?: boolean }>()
defineEmits<{ focus: [] }>()
const store = useLesson()
const { findingsOf, troubleOf } = useMethod()
const shown = ref(false)
/** What was typed on the button, which opens the word with it. */
const seed = ref('')
const button = ref<HTMLButtonElement | null>(null)

const findings = computed(() => findingsOf(props.word.id))
const trouble = computed(() => troubleOf(props.word.id))
const mark = computed(() => findings.value[0]?.severity ?? (trouble.value ? 'think' : null))
const reason = computed(() => findings.value[0]?.reason ?? trouble.value)
const spoken = computed(
  () => `${props.word.label}: ${props.word.text}${reason.value ? `. ${reason.value}` : ''}`,
)
const wide = computed(() => ['levels', 'keptSame'].includes(props.word.edit.kind))

/** Letters and digits on the word type over it; a fast typist's come before the field is there to take them. */
function typeOver(event: KeyboardEvent) {
  // Pressed by a typist who is ahead of the field, Enter would shut what is being opened.
  if (event.key === 'Enter' && seed.value !== '') return event.preventDefault()
  if (event.key.length !== 1 || (event.key === ' ' && seed.value === '')) return
  if (event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  event.stopPropagation()
  seed.value += event.key
  shown.value = true
}

async function close() {
  shown.value = false
  await nextTick()
  button.value?.focus()
}

// However it was shut: what was typed once must not be typed again the next time.
watch(shown, (open) => {
  if (!open) seed.value = ''
})
</script>

<template>
  <VMenu v-model="shown" :close-on-content-click="false" location="bottom start">
    <template #activator="{ props: activator }">
      <button
        ref="button"
        type="button"
        class="word"
        :class="[mark, { chosen: word.chosen, silent: word.silent, open: shown, listed }]"
        :data-word="word.id"
        :tabindex="tabindex"
        v-bind="activator"
        aria-haspopup="dialog"
        :aria-label="spoken"
        :title="reason ?? word.label"
        @focus="$emit('focus')"
        @keydown="typeOver"
      >
        {{ listed ? capital(word.text) : word.text }}
      </button>
    </template>
    <div class="opened" :class="{ wide }" role="dialog" :aria-label="word.label" @keydown.esc="close">
      <p class="small soft label">{{ word.label }}</p>
      <FindingNote v-for="finding in findings.slice(0, 2)" :key="finding.code" :finding="finding" />
      <p v-if="findings.length === 0 && trouble" class="small trouble">{{ trouble }}</p>
      <WordChoices
        v-if="word.edit.kind === 'choice'"
        :edit="word.edit"
        :label="word.label"
        :seed="seed"
        @done="close"
      />
      <WordText
        v-else-if="word.edit.kind === 'text'"
        :edit="word.edit"
        :label="word.label"
        :seed="seed"
        @done="close"
      />
      <WordNumber
        v-else-if="word.edit.kind === 'number'"
        :edit="word.edit"
        :label="word.label"
        :seed="seed"
        @done="close"
      />
      <LevelsPanel v-else-if="word.edit.kind === 'levels'" :seed="seed" @done="close" />
      <KeptSamePanel v-else :key="store.open.id" @done="close" />
    </div>
  </VMenu>
</template>

<style scoped>
.word {
  display: inline;
  font: inherit;
  letter-spacing: inherit;
  color: inherit;
  text-align: left;
  background: none;
  border: 0;
  border-radius: 4px;
  padding: 0 1px;
  margin: 0 -1px;
  cursor: pointer;
  text-decoration: underline dotted 1.5px var(--ink-soft);
  text-underline-offset: 0.24em;
}

.word.chosen {
  font-weight: 600;
  text-decoration: underline solid 2px var(--teal);
}

.word.silent {
  font-weight: 400;
  color: var(--ink-soft);
}

.word.think {
  background: var(--marigold-wash);
  text-decoration-color: var(--marigold);
  text-decoration-thickness: 3px;
}

.word.mend {
  background: var(--coral-wash);
  text-decoration: underline wavy 2px var(--coral);
}

.word:hover,
.word.open {
  background: var(--teal-wash);
}

.word:focus-visible {
  outline: 3px solid var(--teal);
  outline-offset: 2px;
}

.word.listed {
  min-height: 28px;
}

.opened {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  box-shadow: 0 8px 28px rgb(31 42 68 / 16%);
  padding: 10px 12px;
  min-width: 250px;
  max-width: 380px;
  max-height: min(72vh, 560px);
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.opened.wide {
  width: 480px;
  max-width: calc(100vw - 32px);
}

.label {
  margin-bottom: -2px;
}

.trouble {
  border-left: 3px solid var(--marigold);
  padding-left: 8px;
}
</style>
