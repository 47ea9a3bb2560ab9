<script setup lang="ts">
import { computed } from 'vue'
import { planLimits } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** What a group does, one line a step; printed on tray cards and shown on Sheets. */
const store = useLesson()
const text = computed(() => store.plan.steps.join('\n'))

function change(lines: string) {
  store.editPlan(
    {
      steps: lines
        .split('\n')
        .slice(0, planLimits.steps)
        .map((line) => line.slice(0, 240)),
    },
    'steps',
  )
}
</script>

<template>
  <VTextarea
    :model-value="text"
    label="What a group does, one step on each line"
    :rows="4"
    @update:model-value="change"
  />
</template>
