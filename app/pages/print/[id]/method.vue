<script setup lang="ts">
import { useLessonPaper } from '~/composables/useLessonPaper'

/** All that another class needs to repeat the test exactly. */
const { store, ready, settings, all, parts } = useLessonPaper('method')
useHead({ title: () => (ready.value ? `Method card ${store.plan.title}` : 'Method card') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Method card"><ChoosePaper v-model="settings" :all="all" /></PrintBar>
      <ReportPaper :parts="parts" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>
