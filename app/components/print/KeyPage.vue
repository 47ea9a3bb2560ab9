<script setup lang="ts">
import type { ReportPart } from '#core/report'

/** A page for the teacher alone: what the children are going to work out and draw. */
defineProps<{ parts: readonly ReportPart[] }>()
</script>

<template>
  <article class="paper print-page key">
    <h2>Key for the teacher</h2>
    <PaperPart v-for="(part, place) in parts" :key="place" :part="part" />
  </article>
</template>

<style scoped>
.key {
  display: flex;
  flex-direction: column;
  gap: 4mm;
}
</style>
