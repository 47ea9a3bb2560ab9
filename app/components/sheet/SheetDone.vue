<script setup lang="ts">
import { computed } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { predictionWords } from '#core/conclusion'
import { capital } from '#core/quantity'
import { wayOf } from '#core/recording'
import { useLesson } from '~/stores/lesson'
import { sheetFindings } from './sheetEntries'

/** All tries are in: what the group predicted beside its own numbers, to look at and talk about. */
const props = defineProps<{ groupId: string; readBy: string }>()
const store = useLesson()
const findings = computed(() => sheetFindings[wayOf(store.plan).sheetEntry] ?? null)
/** Where several children of a group predicted, each of what they said once. */
const predicted = computed(() => {
  const said = store.predictors
    .filter((one) => one.groupId === props.groupId)
    .flatMap(({ made }) => (made ? [capital(predictionWords(store.scored, made.answer, store.plan))] : []))
  return [...new Set(said)]
})
</script>

<template>
  <section class="step">
    <h1>{{ isDoneForAll(store.plan) ? 'All tries are in' : 'All your tries are in' }}</h1>
    <template v-if="predicted.length > 0">
      <h2>We predicted</h2>
      <p v-for="words in predicted" :key="words">{{ words }}.</p>
      <h2>We found</h2>
    </template>
    <GroupReadings :group-id="readBy" />
    <component :is="findings" v-if="findings" :group-id="readBy" />
    <p>
      {{
        predicted.length > 0 ? 'Was it as you predicted? What do you see?' : 'What do you see in the numbers?'
      }}
    </p>
  </section>
</template>

<style scoped>
.step {
  font-size: var(--text-lead);
}

h1 {
  font-size: var(--text-large);
}

h2 {
  margin-top: 12px;
  font-size: var(--text-small);
  color: var(--ink-soft);
}
</style>
