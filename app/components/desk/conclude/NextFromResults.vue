<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { variableWords } from '#core/class'
import { followUps, type FollowUp } from '#core/followUps'
import { seededRandom } from '#core/random'
import { waitUntilIdle } from '~/loading/idle'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** Next questions that the results lead to, each rehearsed before it is offered. */
const emit = defineEmits<{ take: [question: string] }>()
const store = useLesson()
const results = useResults()
const found = shallowRef<FollowUp[]>([])
// Looked for once, when the screen has come to rest: what is offered stays while somebody reads it.
onMounted(async () => {
  await waitUntilIdle()
  const { ageBand: age, vocabulary } = store.open.class
  found.value = followUps(
    store.plan,
    results.evidence,
    {
      groups: store.groups.length,
      context: { age, words: variableWords(vocabulary) },
      troubles: store.open,
    },
    seededRandom(1),
  )
})
</script>

<template>
  <div v-if="found.length > 0" class="stack led" role="group" aria-label="From our results">
    <p v-for="one in found" :key="one.question" class="small">
      <VBtn size="x-small" variant="outlined" color="primary" @click="emit('take', one.question)">{{
        one.question
      }}</VBtn>
      {{ one.said }}
    </p>
  </div>
</template>

<style scoped>
.led {
  gap: 6px;
}

.led :deep(.v-btn__content) {
  white-space: normal;
}
</style>
