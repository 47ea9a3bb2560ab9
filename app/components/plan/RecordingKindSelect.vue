<script setup lang="ts">
import { computed } from 'vue'
import { fromCupboard } from '#core/instrument'
import type { RecordingKind } from '#core/plan'
import { ways } from '#core/recording'
import { useLesson } from '../../stores/lesson'

/** How readings are taken. */
const store = useLesson()
/** Those that take what is seen, and the one that the plan came with. */
const kinds = computed(() =>
  ways
    .filter((way) => !way.byHand || way.kind === store.plan.recording.kind)
    .map((way) => ({ title: way.name, value: way.kind })),
)

/** What is counted needs no instrument, so counting brings its own along. */
function choose(kind: RecordingKind) {
  const counting = store.open.school.cupboard.find((one) => one.unit === 'count')
  store.editPlan((plan) => ({
    ...plan,
    recording: ways.find((way) => way.kind === kind)!.usual,
    measured:
      kind === 'count' && counting
        ? { ...plan.measured, unit: counting.unit, instrument: fromCupboard(counting) }
        : plan.measured,
  }))
}
</script>

<template>
  <VSelect
    :model-value="store.plan.recording.kind"
    :items="kinds"
    label="How we record"
    @update:model-value="choose"
  />
</template>
