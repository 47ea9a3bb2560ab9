<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { noBackground, planLimits, type Background, type ScienceWord } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** What the test is about: for the teacher to read before the lesson, and the words that children may use. */
const store = useLesson()
const background = computed(() => store.plan.background ?? noBackground)
type Text = Exclude<keyof Background, 'words' | 'goal'>
const texts: { field: Text; label: string; most: number }[] = [
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
  { key: 'word', label: 'Word', most: 40 },
  { key: 'meaning', label: 'What it means', most: 160 },
  { key: 'use', label: 'A sentence with it', most: 160 },
] as const
</script>

<template>
  <div class="about">
    <section class="stack">
      <VTextField
        :model-value="background.goal"
        label="What children can do afterwards"
        :maxlength="200"
        class="goal"
        @update:model-value="say({ goal: $event })"
      />
      <VTextarea
        v-for="one in texts"
        :key="one.field"
        :model-value="background[one.field]"
        :label="one.label"
        :maxlength="one.most"
        :rows="2"
        auto-grow
        @update:model-value="say({ [one.field]: $event })"
      />
      <p class="small soft">This is for you: Board and Sheets show the goal and the words only.</p>
    </section>
    <section class="words">
      <h2>Words to use</h2>
      <div v-for="(one, index) in background.words" :key="index" class="word">
        <VTextField
          v-for="field in wordFields"
          :key="field.key"
          :model-value="one[field.key]"
          :label="field.label"
          :aria-label="`${field.label}, ${index + 1}`"
          :maxlength="field.most"
          :class="field.key"
          @update:model-value="sayWord(index, { [field.key]: $event })"
        />
        <VBtn
          size="small"
          variant="text"
          :aria-label="`Take out ${one.word || `word ${index + 1}`}`"
          @click="say({ words: background.words.filter((_, at) => at !== index) })"
          >Take out</VBtn
        >
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
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}

.words {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 10px;
}

.word {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr) auto;
  gap: 4px 8px;
  width: 100%;
  align-items: center;
}

.word .use {
  grid-column: 1 / 3;
}

.word :deep(.v-btn) {
  grid-row: 1;
  grid-column: 3;
}

@media (max-width: 800px) {
  .about {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
