<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { levelName, orderedLevels, type Expectation } from '#core/plan'
import { parseQuantity, unitDefinition } from '#core/quantity'
import { useLesson } from '../../stores/lesson'

/** The three questions that a rehearsal needs an answer to. */
const store = useLesson()
const texts = ref<Record<keyof Expectation, string>>({ first: '', last: '', apart: '' })
const symbol = computed(() => unitDefinition(store.plan.measured.unit).symbol)
/** Once answered, the questions make room for what came of them. */
const asking = ref(store.plan.expected === null)
const ends = computed(() => {
  const levels = orderedLevels(store.plan)
  return levels.length > 1 ? [levelName(store.plan, levels[0]!), levelName(store.plan, levels.at(-1)!)] : null
})

watch(
  () => store.plan.expected,
  (expected) => {
    const typed = read()
    if (
      expected &&
      (!typed || (Object.keys(expected) as (keyof Expectation)[]).some((key) => typed[key] !== expected[key]))
    )
      texts.value = { first: show(expected.first), last: show(expected.last), apart: show(expected.apart) }
  },
  { immediate: true },
)

function show(value: number): string {
  return String(Number(value.toPrecision(4)))
}

function read(): Expectation | null {
  const [first, last, apart] = [texts.value.first, texts.value.last, texts.value.apart].map((text) =>
    parseQuantity(text, store.plan.measured.unit),
  )
  if (!first?.ok || !last?.ok || !apart?.ok || apart.value < 0) return null
  return { first: first.value, last: last.value, apart: apart.value }
}

function type(key: keyof Expectation, text: string) {
  texts.value = { ...texts.value, [key]: text }
  const expected = read()
  if (expected) store.editPlan({ expected }, `expected-${key}`)
}
</script>

<template>
  <p v-if="ends && !asking && store.plan.expected" class="small soft">
    Expecting {{ show(store.plan.expected.first) }} to
    {{ `${show(store.plan.expected.last)} ${symbol}`.trimEnd() }}, tries
    {{ `${show(store.plan.expected.apart)} ${symbol}`.trimEnd() }} apart.
    <VBtn size="x-small" variant="text" color="primary" @click="asking = true">Change</VBtn>
  </p>
  <div v-else-if="ends" class="fields">
    <p class="small">What do you expect, roughly?</p>
    <VTextField
      :model-value="texts.first"
      :label="`At ${ends[0]}`"
      :suffix="symbol"
      inputmode="decimal"
      @update:model-value="type('first', $event)"
    />
    <VTextField
      :model-value="texts.last"
      :label="`At ${ends[1]}`"
      :suffix="symbol"
      inputmode="decimal"
      @update:model-value="type('last', $event)"
    />
    <VTextField
      :model-value="texts.apart"
      label="Same again: how far apart?"
      :suffix="symbol"
      inputmode="decimal"
      class="wide"
      @update:model-value="type('apart', $event)"
    />
  </div>
  <p v-else class="small soft">With two levels the test can be rehearsed.</p>
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
