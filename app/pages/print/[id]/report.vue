<script setup lang="ts">
import { useLessonPaper } from '~/composables/useLessonPaper'

/** What the class asked, did and found, under the usual headings. */
const { store, ready, arrangement, all, parts } = useLessonPaper('report')
useHead({ title: () => (ready.value ? `Written report ${store.plan.title}` : 'Written report') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Written report"><ArrangeParts v-model="arrangement" :all="all" /></PrintBar>
      <ReportPaper :parts="parts" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>
