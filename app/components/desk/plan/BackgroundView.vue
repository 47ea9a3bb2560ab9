<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { noBackground, planLimits, type Background, type ScienceWord } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** What the test is about: for the teacher to read before the lesson, and the words that children may use. */
const store = useLesson()
const background = computed(() => store.plan.background ?? noBackground)
type Text = Exclude<keyof Background, 'words'>
const texts: { field: Text; label: string; most: number }[] = [
  { field: 'goal', label: 'What children can do afterwards', most: 200 },
  { field: 'science', label: 'The science', most: 800 },
  { field: 'misconceptions', label: 'What children often think', most: 600 },
  { field: 'questions', label: 'Questions to ask', most: 600 },
  { field: 'surprises', label: 'What may surprise', most: 400 },
]

function say(changes: Partial<Background>) {
  store.editPlan(
    (plan) => ({ ...plan, background: { ...(plan.background ?? noBackground), ...changes } }),
    `background ${Object.keys(changes).join()}`,
  )
}
const sayWord = (index: number, changes: Partial<ScienceWord>) =>
  say({ words: background.value.words.map((one, at) => (at === index ? { ...one, ...changes } : one)) })
const wordFields = [
  { key: 'word', label: 'A word', most: 40 },
  { key: 'meaning', label: 'what it means', most: 160 },
  { key: 'use', label: 'A sentence that uses it', most: 160 },
] as const
</script>

<template>
  <div class="about">
    <section class="panel texts">
      <label v-for="one in texts" :key="one.field">
        <b>{{ one.label }}</b>
        <VTextarea
          :model-value="background[one.field]"
          :aria-label="one.label"
          placeholder="…"
          :maxlength="one.most"
          :rows="1"
          auto-grow
          variant="plain"
          density="compact"
          hide-details
          @update:model-value="say({ [one.field]: $event })"
        />
      </label>
      <p class="small soft">This is for you: Board and Sheets show the goal and the words only.</p>
    </section>
    <section class="panel words">
      <h2>Words to use</h2>
      <div v-for="(one, index) in background.words" :key="index" class="line">
        <div>
          <VTextarea
            v-for="field in wordFields"
            :key="field.key"
            :model-value="one[field.key]"
            :aria-label="`${field.label}, ${index + 1}`"
            :placeholder="field.label"
            :maxlength="field.most"
            :rows="1"
            auto-grow
            variant="plain"
            density="compact"
            hide-details
            :class="field.key"
            @update:model-value="sayWord(index, { [field.key]: $event })"
          />
        </div>
        <VBtn
          :icon="mdiClose"
          size="x-small"
          variant="text"
          :aria-label="`Take out ${one.word || `word ${index + 1}`}`"
          @click="say({ words: background.words.filter((_, at) => at !== index) })"
        />
      </div>
      <VBtn
        v-if="background.words.length < planLimits.words"
        variant="outlined"
        color="primary"
        size="small"
        :prepend-icon="mdiPlus"
        @click="say({ words: [...background.words, { word: '', meaning: '', use: '' }] })"
        >Add a word</VBtn
      >
    </section>
  </div>
</template>

<style scoped>
.about {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 16px;
  align-items: start;
}

.texts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.about :deep(textarea) {
  padding: 0;
  min-height: 0;
  line-height: 1.4;
  mask-image: none;
}

.about :deep(.v-field__input) {
  padding-top: 2px;
  opacity: 1;
}

.about :deep(.v-field--focused) {
  outline: 2px solid var(--teal);
  outline-offset: 3px;
  border-radius: 4px;
}

.words {
  display: flex;
  flex-direction: column;
  align-items: stretch;
  gap: 8px;
}

.words > .v-btn {
  align-self: flex-start;
}

.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  border-top: 1px solid var(--line);
  padding-top: 4px;
}

.line .word :deep(textarea) {
  font: 600 var(--text-lead) / 1.3 var(--heading);
}

.line .use :deep(textarea) {
  color: var(--ink-soft);
}

@media (max-width: 800px) {
  .about {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
