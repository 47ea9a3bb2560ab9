<script setup lang="ts">
import { useAnswerKey } from '~/composables/useAnswerKey'
import { useLessonPaper } from '~/composables/useLessonPaper'

/** One page to hang up: the question, how it was tested, the results and the answer. */
const paper = useLessonPaper('poster')
const { store, ready, settings, all, parts } = paper
const key = useAnswerKey(paper)
useHead({ title: () => (ready.value ? `Poster ${store.plan.title}` : 'Poster') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Poster" :large="settings.large">
        <VCheckbox v-model="settings.large" label="twice as large" density="compact" hide-details />
        <ChoosePaper v-model="settings" :all="all" chart />
      </PrintBar>
      <PosterPaper :key="String(settings.large)" :parts="parts" />
      <KeyPage v-if="key.length > 0" :parts="key" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>
