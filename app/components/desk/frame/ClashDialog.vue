<script setup lang="ts">
import { computed } from 'vue'
import { methodOf, methodWords } from '#core/method'
import type { Plan } from '#core/plan'
import { useLesson } from '~/stores/lesson'
import type { DocumentClash } from '~/stores/lesson/clashes'
import { setAtPath } from '~/stores/lesson/mergeByField'

/** Two screens have changed the same at the same time: both texts, and the teacher chooses. */
const store = useLesson()
const clash = computed(() => store.clashes[0] ?? null)
const said = computed(() => clash.value && saidOf(clash.value))

/** What a field is called that stands in no sentence of the plan. */
const names: Record<string, string> = {
  title: 'Title',
  question: 'Question',
  ideas: 'Ideas on the variables board',
  materials: 'Kit',
  leftOut: 'Kit',
  preparing: 'Things to get ready',
  steps: 'Steps of the test',
  hazards: 'What needs care',
  times: 'How long things take',
  expected: 'What we expect to see',
  properties: 'Other differences between the levels',
  claim: 'What we found',
  ownWords: 'Our own words',
  why: 'Our idea why',
  dissent: 'What some of us think',
  better: 'What we would do better',
  nextQuestion: 'Our next question',
}

function saidOf({ of, path, mine, theirs }: DocumentClash) {
  const word = of === 'plan' ? wordOf(path, mine) : null
  return (
    word ?? {
      label: names[path[0] ?? ''] ?? 'Another part of the plan',
      mine: textOf(mine, 'As it is on this screen'),
      theirs: textOf(theirs, 'As it is on the other screen'),
    }
  )
}

/** The word of the plan's sentences that would be another, both ways. */
function wordOf(path: string[], mine: unknown) {
  const theirWords = wordsOf(store.plan)
  for (const word of wordsOf(setAtPath(store.plan, path, mine))) {
    const their = theirWords.find(({ id }) => id === word.id)
    if (their && their.text !== word.text) return { label: word.label, mine: word.text, theirs: their.text }
  }
  return null
}

const wordsOf = (plan: Plan) =>
  methodWords(
    methodOf(plan, {
      age: store.open.class.ageBand,
      vocabulary: store.open.class.vocabulary,
      ...store.open.school,
    }),
  )

const textOf = (value: unknown, otherwise: string) =>
  typeof value === 'string' && value !== '' ? value : typeof value === 'number' ? String(value) : otherwise
</script>

<template>
  <VDialog :model-value="clash !== null" persistent max-width="560" aria-labelledby="clash">
    <VCard v-if="clash && said" class="panel stack">
      <h2 id="clash">Two screens changed this at the same time</h2>
      <p class="soft">{{ said.label }}: which one do you want to keep?</p>
      <div class="texts">
        <button type="button" @click="store.choose(clash, 'mine')">
          <small>this screen</small><b>{{ said.mine }}</b>
        </button>
        <button type="button" @click="store.choose(clash, 'theirs')">
          <small>the other screen, shown now</small><b>{{ said.theirs }}</b>
        </button>
      </div>
    </VCard>
  </VDialog>
</template>

<style scoped>
.texts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

button {
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-items: flex-start;
  text-align: left;
  font: inherit;
  color: inherit;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 12px 14px;
  cursor: pointer;
  overflow-wrap: anywhere;
}

button:hover,
button:focus-visible {
  background: var(--teal-wash);
  border-color: var(--teal);
}

small {
  color: var(--ink-soft);
}
</style>
