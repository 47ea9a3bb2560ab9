<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { firstOf, lastOf } from '#core/defined'
import { resolutionOf } from '#core/instrument'
import { sideNamed } from '#core/conclusion'
import { levelName, looksAtVariation, orderedLevels, type Expectation, type Level } from '#core/plan'
import { capital, printPlain, withUnit } from '#core/quantity'
import { scoredPlan } from '#core/comparison'
import { useLesson } from '~/stores/lesson'

/** The three questions that a rehearsal needs an answer to. */
const store = useLesson()
const unanswered = { first: null, last: null, apart: null }
const answers = ref<Record<keyof Expectation, number | null>>(unanswered)
/** On the scale of the scores as they are planned, which is what a class compares. */
const scored = computed(() => scoredPlan(store.plan))
const unit = computed(() => scored.value.measured.unit)
const mark = computed(() => resolutionOf(scored.value).mark)
/** Once answered, the questions make room for what came of them. */
const asking = ref(store.plan.expected === null)
const ends = computed(() => {
  const levels = orderedLevels(scored.value)
  const name = (level: Level) =>
    scored.value.besides ? capital(sideNamed(scored.value, level.id)) : `At ${levelName(scored.value, level)}`
  return levels.length > 1 ? [name(firstOf(levels)), name(lastOf(levels))] : null
})

watch(
  () => store.plan.expected,
  (expected) => {
    // What was expected of another score is no answer here.
    answers.value = expected ?? unanswered
    if (!expected) asking.value = true
  },
  { immediate: true },
)

function show(value: number): string {
  return printPlain(Number(value.toPrecision(4)), unit.value)
}

function answer(key: keyof Expectation, value: number | null) {
  answers.value = { ...answers.value, [key]: value }
  const { first, last, apart } = answers.value
  if (first === null || last === null || apart === null) return
  store.editPlan({ expected: { first, last, apart } }, `expected-${key}`)
}
</script>

<template>
  <p v-if="ends && !asking && store.plan.expected" class="small soft">
    Expecting {{ show(store.plan.expected.first) }} to {{ withUnit(show(store.plan.expected.last), unit) }},
    tries {{ withUnit(show(store.plan.expected.apart), unit) }} apart.
    <VBtn size="x-small" variant="text" color="primary" @click="asking = true">Change</VBtn>
  </p>
  <div v-else-if="ends" class="fields">
    <p class="small">
      Roughly what do you expect<template v-if="scored.measured.name !== store.plan.measured.name"
        >, of the {{ scored.measured.name }}</template
      >?
    </p>
    <QuantityField
      :model-value="answers.first"
      :label="ends[0]"
      :unit="unit"
      :mark="mark"
      :digits="4"
      optional
      @update:model-value="answer('first', $event)"
    />
    <QuantityField
      :model-value="answers.last"
      :label="ends[1]"
      :unit="unit"
      :mark="mark"
      :digits="4"
      optional
      @update:model-value="answer('last', $event)"
    />
    <QuantityField
      :model-value="answers.apart"
      label="Same again: how far apart?"
      :unit="unit"
      :mark="mark"
      :digits="4"
      optional
      :least="0"
      class="wide"
      @update:model-value="answer('apart', $event)"
    />
  </div>
  <p v-else class="small soft">
    {{
      looksAtVariation(store.plan)
        ? 'Nothing is compared, so there is nothing to rehearse.'
        : 'With two levels the test can be rehearsed.'
    }}
  </p>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

p,
.wide {
  grid-column: 1 / -1;
}
</style>
