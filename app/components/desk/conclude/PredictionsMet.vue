<script setup lang="ts">
import { computed } from 'vue'
import {
  comparePrediction,
  neighboursRight,
  predictionWords,
  stepSaid,
  type PredictionAnswer,
} from '#core/conclusion'
import { predictedFor } from '#core/lesson'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** Predictions beside the result, kindly: a surprise is worth more than being right. */
const store = useLesson()
const results = useResults()
const words = {
  'as-predicted': 'as predicted',
  nearly: 'nearly',
  surprised: 'surprised us',
  open: 'still open',
}
/** Of an order of what is only put in order: how many neighbours stand right. */
function neighboursSaid(answer: PredictionAnswer): string {
  if (answer.format !== 'order' || !store.scored.measured.scale) return ''
  const { right, of } = neighboursRight(store.scored, answer.levelIds, results.evidence)
  return of === 0 ? '' : `${right} of ${of} neighbours right`
}
const lines = computed(() =>
  store.open.predictions.flatMap((made) => {
    const group = store.groups.find((one) => one.id === made.groupId)
    return group
      ? [
          {
            group,
            made,
            neighbours: neighboursSaid(made.answer),
            outcome: comparePrediction(
              store.scored,
              made.answer,
              results.evidence,
              predictedFor(store.scored, made.groupId),
              store.readings,
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
      <li
        v-for="{ group, made, neighbours, outcome } in lines"
        :key="`${group.id}|${made.seat}|${made.step}`"
      >
        <span v-if="store.plan.prediction.who === 'class'">Whole class</span>
        <GroupEmblem v-else :emblem="group.emblem" named :name="group.name" :size="18" />
        <span
          >{{ predictionWords(store.scored, made.answer, store.plan)
          }}<span v-if="made.because" class="soft">, because <MarkedText :text="made.because" /></span
          ><span v-if="neighbours" class="soft"> ({{ neighbours }})</span
          ><span v-if="made.step !== 'before'" class="soft"> ({{ stepSaid[made.step] }})</span
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
