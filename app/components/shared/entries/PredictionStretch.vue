<script setup lang="ts">
import { computed } from 'vue'
import { defined } from '#core/defined'
import type { PredictionAnswer } from '#core/conclusion'
import { levelName, orderedLevels } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** Between which levels most of it will happen: the steps from level to level stand in a line, and a stretch of them is pressed. */
const answer = defineModel<PredictionAnswer | null>({ required: true })
const props = defineProps<{ large: boolean }>()
const store = useLesson()
const levels = computed(() => orderedLevels(store.plan))
const names = computed(() => levels.value.map((level) => levelName(store.plan, level)))
/** Places of the first and the last level of the stretch. */
const ends = computed(() => {
  if (answer.value?.format !== 'stretch') return null
  const { fromId, toId } = answer.value
  const places = [fromId, toId].map((id) => levels.value.findIndex((level) => level.id === id))
  return places.includes(-1) ? null : { from: Math.min(...places), to: Math.max(...places) }
})
const isIn = (step: number) => ends.value !== null && step >= ends.value.from && step < ends.value.to

/** A step beside the stretch makes it longer, unless it would be all of it; any other press starts a new one. */
function press(step: number) {
  const now = ends.value
  let [from, to] = [step, step + 1]
  if (now && (step === now.from - 1 || step === now.to)) {
    from = Math.min(from, now.from)
    to = Math.max(to, now.to)
  }
  if (from === 0 && to === levels.value.length - 1) [from, to] = [step, step + 1]
  answer.value = {
    format: 'stretch',
    fromId: defined(levels.value[from]).id,
    toId: defined(levels.value[to]).id,
  }
}
</script>

<template>
  <div class="steps" :class="{ large: props.large }">
    <button
      v-for="(level, step) in levels.slice(0, -1)"
      :key="level.id"
      type="button"
      class="choice"
      :aria-pressed="isIn(step)"
      @click="press(step)"
    >
      {{ names[step] }} to {{ names[step + 1] }}
    </button>
  </div>
</template>

<style scoped>
.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.steps.large {
  display: grid;
  gap: 12px;
}

.steps:not(.large) .choice {
  min-height: 32px;
  padding: 2px 8px;
  font-size: var(--text-body-small);
}
</style>
