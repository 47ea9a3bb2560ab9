<script setup lang="ts">
import { computed } from 'vue'
import type { Instrument } from '#core/instrument'
import { useLesson } from '~/stores/lesson'

/** The marks of the instrument in this lesson, where they differ from the cupboard's. */
const store = useLesson()
const instrument = computed(() => store.plan.measured.instrument)
const fields: { key: 'smallestMark' | 'numberedEvery' | 'least' | 'greatest'; label: string }[] = [
  { key: 'smallestMark', label: 'A mark every' },
  { key: 'numberedEvery', label: 'A number every' },
  { key: 'least', label: 'From' },
  { key: 'greatest', label: 'To' },
]
const problem = (path: string) => store.planProblems.find((field) => field.path.startsWith(path))?.message

function change(key: keyof Instrument, value: number | null) {
  if (value === null) return
  store.editPlan(
    (plan) => ({
      ...plan,
      measured: { ...plan.measured, instrument: { ...plan.measured.instrument, [key]: value } },
    }),
    key,
  )
}
</script>

<template>
  <div class="marks">
    <QuantityField
      v-for="field in fields"
      :key="field.key"
      :model-value="instrument[field.key]"
      :label="field.label"
      :unit="instrument.unit"
      :problem="problem(`measured.instrument.${field.key}`)"
      @update:model-value="change(field.key, $event)"
    />
  </div>
</template>

<style scoped>
.marks {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 8px;
  padding-top: 6px;
}
</style>
