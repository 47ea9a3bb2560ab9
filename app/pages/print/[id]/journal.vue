<script setup lang="ts">
import { computed } from 'vue'
import { predictionWords, stepSaid } from '#core/conclusion'
import { capital } from '#core/quantity'
import { usePrintLesson } from '~/composables/usePrintLesson'
import { useScienceWords } from '~/composables/useScienceWords'
import { useResults } from '~/stores/results'
import { useObservations } from '~/stores/observations'
import { paperDay } from '~/words/dates'
import { measuredCaption } from '~/words/measuredWords'

/** A page for the exercise books of each group: its own prediction, numbers and observations, and what the class found. */
const { store, ready } = usePrintLesson()
const results = useResults()
const observations = useObservations()
const { words } = useScienceWords()
const ofAll = computed(() => store.plan.prediction.who === 'class')
const pages = computed(() =>
  store.groups.map((group) => ({
    group,
    predicted: store.open.predictions.filter((one) => ofAll.value || one.groupId === group.id),
    read: results.evidence.cells.some((cell) => cell.groupId === group.id),
    seen: observations.standing.filter((one) => one.groupId === group.id || one.groupId === null),
  })),
)
useHead({ title: () => (ready.value ? `Journal pages ${store.plan.title}` : 'Journal pages') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Journal pages" />
      <section v-for="page in pages" :key="page.group.id" class="paper print-page journal">
        <header>
          <GroupEmblem :emblem="page.group.emblem" :size="40" named :name="page.group.name" /><span>{{
            paperDay(store.open.date)
          }}</span>
        </header>
        <h2>{{ store.plan.question || store.plan.title }}</h2>
        <PlanMethod />
        <template v-if="page.predicted.length > 0">
          <h3>{{ ofAll ? 'The class predicted' : 'We predicted' }}</h3>
          <p v-for="one in page.predicted" :key="`${one.seat}|${one.step}`">
            {{ capital(predictionWords(store.scored, one.answer, store.plan))
            }}<template v-if="one.because">, because {{ one.because }}</template
            ><template v-if="one.step !== 'before'"> ({{ stepSaid[one.step] }})</template>
          </p>
        </template>
        <template v-if="page.read">
          <h3>Our readings</h3>
          <p class="small">{{ measuredCaption(store.scored) }}</p>
          <GroupReadings :group-id="page.group.id" />
        </template>
        <template v-for="kind in ['noticed', 'guessed'] as const" :key="kind">
          <template v-if="page.seen.some((one) => one.kind === kind)">
            <h3>{{ kind === 'noticed' ? 'We noticed' : 'We guess' }}</h3>
            <ul>
              <li v-for="one in page.seen.filter((own) => own.kind === kind)" :key="one.id">
                <img
                  v-if="one.picture"
                  :src="`/api/pictures/${one.picture}`"
                  :alt="one.text || 'A picture without words'"
                />
                <span v-if="one.text"><MarkedText :text="one.text" /></span>
              </li>
            </ul>
          </template>
        </template>
        <h3>{{ results.evidence.results.length > 0 ? 'The class found' : 'We found' }}</h3>
        <p v-if="results.evidence.results.length > 0" class="answer">{{ results.said }}</p>
        <div v-else class="write" />
        <template v-if="store.open.conclusion.why">
          <h3>Our idea why</h3>
          <p>{{ store.open.conclusion.why }} (This test did not check it.)</p>
        </template>
        <template v-if="words.length > 0">
          <h3>Words</h3>
          <WordList :words="words" />
        </template>
        <h3>I think now</h3>
        <div class="write" />
        <div class="write" />
      </section>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.journal {
  display: flex;
  flex-direction: column;
  gap: 2.5mm;
}

header {
  display: flex;
  justify-content: space-between;
  font: 600 20px var(--heading);
}

h2 {
  font-size: 22px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4mm;
}

li {
  display: flex;
  flex-direction: column;
  max-width: 100%;
  border-left: 3px solid #000;
  padding-left: 3mm;
  overflow-wrap: anywhere;
  white-space: pre-line;
  break-inside: avoid;
}

img {
  max-width: 80mm;
  max-height: 45mm;
  align-self: flex-start;
}

.answer {
  font: 600 18px/1.35 var(--heading);
}

.write {
  border-bottom: 1.5px solid #000;
  height: 11mm;
}
</style>
