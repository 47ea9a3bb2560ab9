<script setup lang="ts">
import { useAnswerKey } from '~/composables/useAnswerKey'
import { useLessonPaper } from '~/composables/useLessonPaper'

/** What the class asked, did and found, under the usual headings. */
const paper = useLessonPaper('report')
const { store, ready, settings, all, parts } = paper
const key = useAnswerKey(paper)
useHead({ title: () => (ready.value ? `Written report ${store.plan.title}` : 'Written report') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Written report"><ChoosePaper v-model="settings" :all="all" sums chart /></PrintBar>
      <ReportPaper :parts="parts" />
      <KeyPage v-if="key.length > 0" :parts="key" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>
