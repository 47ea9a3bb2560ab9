<script setup lang="ts">
import type { PartId, ReportPart } from '#core/report'
import type { PaperSettings } from '~/composables/useLessonPaper'

/** Which parts a paper has and what is left to the children, chosen before it is printed. */
defineProps<{ all: readonly ReportPart[]; sums?: boolean; chart?: boolean }>()
const settings = defineModel<PaperSettings>({ required: true })
const set = (changes: Partial<PaperSettings>) => (settings.value = { ...settings.value, ...changes })
const arrange = (changes: { order: readonly PartId[]; leftOut: readonly PartId[] }) => set(changes)

const charts = [
  { title: 'Chart drawn', value: 'drawn' },
  { title: 'Only axes, to draw on', value: 'axes' },
  { title: 'Room for a chart', value: 'blank' },
]
const sumsLeft = [
  { title: 'Sums done', value: 'shown' },
  { title: 'Sums left to the children', value: 'left' },
]
</script>

<template>
  <VMenu :close-on-content-click="false">
    <template #activator="{ props: menu }">
      <VBtn v-bind="menu" variant="outlined" color="primary">Choose parts</VBtn>
    </template>
    <div class="choose">
      <VSelect
        v-if="chart"
        :model-value="settings.chart"
        :items="charts"
        label="Chart"
        density="compact"
        hide-details
        @update:model-value="set({ chart: $event })"
      />
      <VSelect
        v-if="sums"
        :model-value="settings.sums"
        :items="sumsLeft"
        label="Sums"
        density="compact"
        hide-details
        @update:model-value="set({ sums: $event })"
      />
      <ArrangeParts :model-value="settings" :all="all" @update:model-value="arrange" />
    </div>
  </VMenu>
</template>

<style scoped>
.choose {
  display: grid;
  gap: 10px;
  padding: 12px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  max-height: 80vh;
  overflow-y: auto;
}
</style>
