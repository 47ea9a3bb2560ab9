<script setup lang="ts">
import { computed } from 'vue'
import { posterSections, predictionsSaid } from '#core/lesson'
import { paperDay } from '~/words/dates'
import { usePrintLesson } from '~/composables/usePrintLesson'
import { useResults } from '~/stores/results'

const { store, ready } = usePrintLesson()
const results = useResults()
const predicted = computed(() =>
  predictionsSaid(
    store.scored,
    store.open.predictions.filter(({ step }) => step === 'before'),
    results.evidence,
    store.readings,
  ),
)
const sections = computed(() =>
  posterSections({
    conclusion: store.open.conclusion,
    found: results.found,
    said: results.said,
    predicted: predicted.value,
    caveats: results.caveats,
  }),
)
useHead({ title: () => (ready.value ? `Poster ${store.plan.title}` : 'Poster') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Poster" />
      <article class="paper print-page poster">
        <p class="who">{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</p>
        <h2 class="question">{{ store.plan.question || store.plan.title }}</h2>
        <h3>How we tested</h3>
        <PlanMethod class="test" />
        <div v-if="results.evidence.results.length" class="chart">
          <LessonChart :size="{ text: 15, symbol: 15, summary: true }" />
        </div>
        <section v-for="section in sections" :key="section.id" :class="section.size">
          <h3>{{ section.heading }}</h3>
          <p v-for="paragraph in section.paragraphs" :key="paragraph">{{ paragraph }}</p>
        </section>
      </article>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.poster {
  display: flex;
  flex-direction: column;
  gap: 3mm;
}

.who {
  font-family: var(--heading);
}

.question {
  font-size: 30px;
}

.test {
  border-left: 5px solid #000;
  padding-left: 4mm;
}

.chart {
  height: 92mm;
}

section {
  display: grid;
  gap: 3mm;
}

.large p {
  font: 600 22px/1.35 var(--heading);
}

.medium p {
  font-size: 18px;
}

.small p {
  font-size: var(--text-small);
}
</style>
