<script setup lang="ts">
import { computed } from 'vue'
import { planLimits, withAim, type Plan } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** How often, by whom, in which order; how tries are summed up and predictions put. */
const store = useLesson()
const plan = computed(() => store.plan)
const count = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => from + index)
const who = [
  { title: 'every group, all levels', value: 'all-levels' },
  { title: 'levels shared over the groups', value: 'shared-levels' },
  { title: 'the whole class together', value: 'whole-class' },
  { title: 'groups turn from station to station', value: 'stations' },
  { title: 'at home, over some days', value: 'at-home' },
]
const aims = [
  { title: 'compare: which, or how much?', value: 'compare' },
  { title: 'improve in rounds: beat our best', value: 'improve' },
]
const predictors = [
  { title: 'every child', value: 'child' },
  { title: 'each group', value: 'group' },
  { title: 'the class together', value: 'class' },
]
const orders = [
  { title: 'the same for all', value: 'same' },
  { title: 'each group its own', value: 'own' },
]
const summaries = [
  { title: 'the mean', value: 'mean' },
  { title: 'the middle value', value: 'median' },
  { title: 'the most common', value: 'most-common' },
  { title: 'none, dots only', value: 'none' },
]
const formats = computed(() => [
  ...(plan.value.changed.kind === 'number' ? [{ title: 'a direction', value: 'direction' }] : []),
  { title: 'the order of the levels', value: 'order' },
  { title: 'a number', value: 'number' },
  { title: 'a choice of level', value: 'choice' },
])
const roundings = [
  { title: 'the nearest mark', value: 'mark' },
  { title: 'half marks too', value: 'half-mark' },
]
const edit = (changes: Partial<Plan>) => store.editPlan(changes)
</script>

<template>
  <section class="panel stack tight">
    <h2>Tries</h2>
    <div class="grid">
      <VSelect
        :model-value="plan.aim"
        :items="aims"
        label="What for"
        class="wide"
        @update:model-value="store.editPlan((before) => withAim(before, $event))"
      />
      <VSelect
        :model-value="plan.tries"
        :items="count(1, planLimits.tries)"
        label="Tries at each level"
        @update:model-value="edit({ tries: $event })"
      />
      <VSelect
        :model-value="plan.practiceTries"
        :items="count(0, planLimits.practiceTries)"
        label="Practice tries first"
        @update:model-value="edit({ practiceTries: $event })"
      />
      <VSelect
        :model-value="plan.whoTests"
        :items="who"
        label="Who tests what"
        @update:model-value="edit({ whoTests: $event })"
      />
      <VSelect
        :model-value="plan.levelOrder"
        :items="orders"
        label="Order of levels"
        @update:model-value="edit({ levelOrder: $event })"
      />
      <VSelect
        :model-value="plan.summary"
        :items="summaries"
        label="One number from tries"
        @update:model-value="edit({ summary: $event })"
      />
      <VSelect
        :model-value="plan.rounding"
        :items="roundings"
        label="Read to"
        @update:model-value="edit({ rounding: $event })"
      />
      <VSelect
        :model-value="plan.prediction.format"
        :items="formats"
        label="Predict"
        @update:model-value="edit({ prediction: { ...plan.prediction, format: $event } })"
      />
      <VSelect
        :model-value="plan.prediction.who"
        :items="predictors"
        label="Who predicts"
        @update:model-value="edit({ prediction: { ...plan.prediction, who: $event } })"
      />
      <VCheckbox
        :model-value="plan.prediction.because"
        label="with “because”"
        @update:model-value="edit({ prediction: { ...plan.prediction, because: $event ?? false } })"
      />
    </div>
  </section>
</template>

<style scoped>
.tight {
  gap: 10px;
}

.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.wide {
  grid-column: 1 / -1;
}
</style>
