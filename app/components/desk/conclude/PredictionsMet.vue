<script setup lang="ts">
import { computed } from 'vue'
import { comparePrediction, predictionWords } from '#core/conclusion'
import { predictedFor } from '#core/lesson'
import { useLesson } from '../../../stores/lesson'
import { useResults } from '../../../stores/results'

/** Predictions beside the result, kindly: a surprise is worth more than being right. */
const store = useLesson()
const results = useResults()
const words = {
  'as-predicted': 'as predicted',
  nearly: 'nearly',
  surprised: 'surprised us',
  open: 'still open',
}
const lines = computed(() =>
  store.open.predictions.flatMap((made) => {
    const group = store.groups.find((one) => one.id === made.groupId)
    return group
      ? [
          {
            group,
            made,
            outcome: comparePrediction(
              store.scored,
              made.answer,
              results.evidence,
              predictedFor(store.scored, made.groupId),
            ),
          },
        ]
      : []
  }),
)
</script>

<template>
  <section class="panel stack">
    <h2>What we had predicted</h2>
    <ul v-if="lines.length">
      <li v-for="{ group, made, outcome } in lines" :key="`${group.id}|${made.seat}`">
        <span v-if="store.plan.prediction.who === 'class'">Whole class</span>
        <GroupEmblem v-else :emblem="group.emblem" named :name="group.name" :size="18" />
        <span
          >{{ predictionWords(store.scored, made.answer)
          }}<span v-if="made.because" class="soft">, because {{ made.because }}</span
          ><span v-if="made.late" class="soft"> (written after the first reading)</span></span
        >
        <b :class="outcome">{{ words[outcome] }}</b>
      </li>
    </ul>
    <p v-else class="soft">No group wrote a prediction this time.</p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
  font-size: var(--text-body-small);
}

li {
  display: grid;
  grid-template-columns: 96px 1fr 104px;
  gap: 8px;
  align-items: baseline;
}

li b {
  text-align: right;
}

.surprised {
  background: var(--marigold-wash);
  border-radius: 6px;
  padding: 0 6px;
}
</style>
