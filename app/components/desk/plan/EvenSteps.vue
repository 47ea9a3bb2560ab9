<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { evenLevels, planLimits, rangeOf, withEvenLevels } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { useLesson } from '~/stores/lesson'

/** How far the set-up goes, and levels in even steps over that range. */
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const unit = computed(() => store.plan.changed.unit ?? 'cm')
const symbol = computed(() => unitDefinition(unit.value).symbol)
const least = ref<number | null>(null)
const greatest = ref<number | null>(null)
const count = ref(Math.max(3, store.plan.levels.length || 4))
const counts = Array.from({ length: planLimits.levels - 1 }, (_, index) => index + 2)
/** Until somebody says how far the set-up goes, the first instrument that could set the levels does. */
const suggested = computed(() => rangeOf(store.open.school.cupboard, unit.value))
watch(
  () => store.plan.changed.range ?? suggested.value,
  (range) => {
    least.value = range?.least ?? null
    greatest.value = range?.greatest ?? null
  },
  { immediate: true },
)

const range = computed(() =>
  least.value === null || greatest.value === null ? null : { least: least.value, greatest: greatest.value },
)
const problem = computed(() =>
  range.value && range.value.greatest <= range.value.least ? 'This must be more than the least.' : '',
)
const levels = computed(() =>
  range.value && !problem.value ? evenLevels(range.value.least, range.value.greatest, count.value) : [],
)

function fill() {
  const whole = range.value
  if (!whole || problem.value) return
  store.editPlan((plan) => withEvenLevels(plan, whole, count.value))
  emit('done')
}
</script>

<template>
  <div class="steps">
    <p class="small soft">How far does the set-up let us go?</p>
    <div class="fields">
      <QuantityField v-model="least" label="From" :unit="unit" optional />
      <QuantityField v-model="greatest" label="To" :unit="unit" optional :problem="problem || undefined" />
      <VSelect v-model="count" :items="counts" label="Levels" />
    </div>
    <VBtn size="small" variant="outlined" color="primary" :disabled="levels.length === 0" @click="fill">{{
      levels.length ? `Use ${levels.join(', ')} ${symbol}` : 'Use even steps'
    }}</VBtn>
  </div>
</template>

<style scoped>
.steps {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 10px;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 8px;
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 92px;
  gap: 8px;
  width: 100%;
}

.steps :deep(.v-btn) {
  height: auto;
  min-height: 28px;
  white-space: normal;
  text-align: left;
  padding-block: 3px;
}
</style>
