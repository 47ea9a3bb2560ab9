<script setup lang="ts">
import { computed } from 'vue'
import { resultSentence } from '#core/evidence'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
const told = computed(() => resultSentence(store.scored, store.evidence))
if (store.open.stage === 'test') void store.setStage('compare')
</script>

<template>
  <div class="compare">
    <div class="main">
      <div class="says">
        <h1>{{ told.sentence }}</h1>
        <div class="why">
          <VerdictMark
            v-if="store.evidence.results.length >= 2"
            :word="store.evidence.finding.verdict.word"
            :so-far="store.evidence.coverage.partial"
          />
          <p>{{ told.reason }}</p>
        </div>
      </div>
      <template v-if="store.evidence.results.length > 0">
        <div class="hero panel"><ResultsChart /></div>
        <ResultsTable />
      </template>
      <p v-else class="panel">
        No readings yet. They appear here as soon as the first is recorded in
        <NuxtLink :to="`/lessons/${store.open.id}/test`">Test</NuxtLink>.
      </p>
    </div>
    <aside><OddThings /></aside>
  </div>
</template>

<style scoped>
.compare {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 22px;
  align-items: start;
}

.main {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

h1 {
  font-size: 1.35rem;
}

.why {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 6px;
  line-height: 1.35;
}

.hero {
  height: min(240px, 31vh);
  padding: 8px;
}

@media (max-width: 1000px) {
  .compare {
    grid-template-columns: 1fr;
  }
}
</style>
