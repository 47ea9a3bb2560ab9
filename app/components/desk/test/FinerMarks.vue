<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { printPlain, withUnit } from '#core/quantity'
import { finerMarks, usesInstrument, withFinerMarks } from '#core/recording'
import { useLesson } from '~/stores/lesson'

/** Asked once: whether the plan's marks are to be as fine as the class reads. */
const store = useLesson()
const declined = useLocalStorage<string[]>('jolly-beaker-marks-declined', [])
const finer = computed(() =>
  !usesInstrument(store.plan) || declined.value.includes(store.open.id)
    ? null
    : finerMarks(store.plan, store.counted),
)
const instrument = computed(() => store.plan.measured.instrument)
const act = computed(() => {
  if (finer.value?.kind !== 'tenths') return 'Read to half marks'
  const { unit } = instrument.value
  return `Make a mark ${withUnit(printPlain(finer.value.smallestMark, unit), unit)}`
})

function decline() {
  declined.value = [...declined.value, store.open.id].slice(-100)
}
</script>

<template>
  <p v-if="finer" class="panel small spread" role="status">
    <span>Some readings are finer than the marks of the {{ instrument.name }} in the plan.</span>
    <span>
      <VBtn
        size="small"
        variant="outlined"
        color="primary"
        @click="store.editPlan((plan) => withFinerMarks(plan, finer!))"
        >{{ act }}</VBtn
      >
      <VBtn size="small" variant="text" @click="decline">Leave them</VBtn>
    </span>
  </p>
</template>
