<script setup lang="ts">
import { computed } from 'vue'
import { planLimits, withAim, type Plan } from '#core/plan'
import { useLesson } from '../../stores/lesson'
import {
  aims,
  counts,
  levelOrders,
  predictors,
  roundings,
  summaries,
  whoTests,
} from '../../words/planChoices'

/** How often, by whom, in which order; how tries are summed up and predictions put. */
const store = useLesson()
const plan = computed(() => store.plan)
const formats = computed(() => [
  ...(plan.value.changed.kind === 'number' ? [{ title: 'a direction', value: 'direction' }] : []),
  { title: 'the order of the levels', value: 'order' },
  { title: 'a number', value: 'number' },
  { title: 'a choice of level', value: 'choice' },
])
/** Drawn anew only when one of these has changed: a key typed elsewhere must not wait for nine lists. */
const shown = computed(() => {
  const {
    aim,
    tries,
    practiceTries,
    whoTests: who,
    levelOrder,
    summary,
    rounding,
    prediction,
    changed,
  } = plan.value
  return [aim, tries, practiceTries, who, levelOrder, summary, rounding, prediction, changed.kind]
})
const edit = (changes: Partial<Plan>) => store.editPlan(changes)
</script>

<template>
  <section v-memo="shown" class="panel stack tight">
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
        :items="counts(1, planLimits.tries)"
        label="Tries at each level"
        @update:model-value="edit({ tries: $event })"
      />
      <VSelect
        :model-value="plan.practiceTries"
        :items="counts(0, planLimits.practiceTries)"
        label="Practice tries first"
        @update:model-value="edit({ practiceTries: $event })"
      />
      <VSelect
        :model-value="plan.whoTests"
        :items="whoTests"
        label="Who tests what"
        @update:model-value="edit({ whoTests: $event })"
      />
      <VSelect
        :model-value="plan.levelOrder"
        :items="levelOrders"
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
