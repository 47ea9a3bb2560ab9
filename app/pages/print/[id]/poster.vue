<script setup lang="ts">
import { computed } from 'vue'
import { predictionsSaid } from '#core/lesson'
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
/** The reasons stand under the sentence that they belong to, which may not be the class's own. */
const showed = computed(() => {
  const { sentence, reasons, detail } = results.found
  const own = results.said === sentence ? '' : sentence
  return [own, ...reasons.slice(0, 2), detail, predicted.value].filter(Boolean).join(' ')
})
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
        <h3>Our answer</h3>
        <p class="answer">{{ results.said }}</p>
        <template v-if="store.open.conclusion.why">
          <h3>Our idea why</h3>
          <p>{{ store.open.conclusion.why }}</p>
          <p class="small">It is an idea: this test did not check it.</p>
        </template>
        <h3>What the test showed</h3>
        <p class="small">{{ showed }}</p>
        <p v-if="results.caveats.length" class="small">{{ results.caveats.join(' ') }}</p>
        <template v-if="store.open.conclusion.dissent"
          ><h3>Seen differently</h3>
          <p>{{ store.open.conclusion.dissent }}</p></template
        >
        <template v-if="store.open.conclusion.better"
          ><h3>Next time we would</h3>
          <p>{{ store.open.conclusion.better }}</p></template
        >
        <template v-if="store.open.conclusion.nextQuestion"
          ><h3>Our next question</h3>
          <p class="next">{{ store.open.conclusion.nextQuestion }}</p></template
        >
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

.answer {
  font: 600 22px/1.35 var(--heading);
}

.next {
  font-size: 18px;
}
</style>
