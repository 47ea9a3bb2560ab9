<script setup lang="ts">
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { withinLesson } from '~/words/dates'

/** Ends the looking before all planned tries are in; with all of them there is nothing to press. */
const lesson = useLesson()
const results = useResults()
const looks = computed(() => results.evidence.table.looks)
const finishedAt = computed(() => lesson.open.finishedAt)
</script>

<template>
  <p v-if="looks.share < 1 && finishedAt" class="small">
    Testing finished at {{ withinLesson(finishedAt, lesson.open.date) }}.
    <VBtn size="small" variant="text" color="secondary" @click="lesson.setFinished(false)"
      >We’ll go on testing</VBtn
    >
  </p>
  <p v-else-if="looks.open" class="small">
    <VBtn size="small" variant="outlined" color="secondary" @click="lesson.setFinished(true)"
      >We’ve finished testing</VBtn
    >
    Press this when nobody has any more testing to do.
  </p>
</template>

<style scoped>
p {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-top: 6px;
}
</style>
