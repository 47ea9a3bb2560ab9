<script setup lang="ts">
import type { ReportPart } from '#core/report'
import { useLesson } from '~/stores/lesson'
import { paperDay } from '~/words/dates'

/** A paper made of a lesson's parts, as they were arranged. */
defineProps<{ parts: readonly ReportPart[] }>()
const store = useLesson()
</script>

<template>
  <article class="paper print-page report">
    <p class="who">{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</p>
    <PaperPart v-for="part in parts" :key="part.id" :part="part" />
  </article>
</template>

<style scoped>
.report {
  display: flex;
  flex-direction: column;
  gap: 4mm;
  line-height: 1.45;
}

.who {
  font-family: var(--heading);
}

.question :deep(p) {
  font: 600 24px/1.25 var(--heading);
}

.found :deep(p:first-of-type) {
  font: 600 18px/1.35 var(--heading);
}
</style>
