<script setup lang="ts">
import { computed } from 'vue'
import { fromCupboard } from '#core/instrument'
import {
  recordingKinds,
  recordingWords,
  takesOwnEntries,
  usualRecording,
  type RecordingKind,
} from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** How readings are taken. */
const store = useLesson()
/** Those that take what is seen, and the one that the plan came with. */
const kinds = computed(() =>
  recordingKinds
    .filter((kind) => takesOwnEntries(kind) || kind === store.plan.recording.kind)
    .map((kind) => ({ title: recordingWords(kind).name, value: kind })),
)

/** What is counted needs no instrument, so counting brings its own along. */
function choose(kind: RecordingKind) {
  const counting = store.open.school.cupboard.find((one) => one.unit === 'count')
  store.editPlan((plan) => ({
    ...plan,
    recording: usualRecording(kind),
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
