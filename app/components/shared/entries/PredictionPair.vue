<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PredictionAnswer } from '#core/conclusion'
import { levelName, orderedLevels } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** One level that will beat another: first the winner, then what it beats. */
const answer = defineModel<PredictionAnswer | null>({ required: true })
const props = defineProps<{ large: boolean }>()
const store = useLesson()
const options = computed(() =>
  orderedLevels(store.plan).map((level) => ({ title: levelName(store.plan, level), value: level.id })),
)
const levelId = ref<string | null>(null)
const overId = ref<string | null>(null)
const rest = computed(() => options.value.filter(({ value }) => value !== levelId.value))

watch(
  answer,
  (made) => {
    if (made?.format !== 'pair') return
    levelId.value = made.levelId
    overId.value = made.overId
  },
  { immediate: true },
)

function give(winner: string | null, over: string | null) {
  levelId.value = winner
  overId.value = over === winner ? null : over
  answer.value =
    winner !== null && overId.value !== null
      ? { format: 'pair', levelId: winner, overId: overId.value }
      : null
}
</script>

<template>
  <div v-if="props.large" class="pair">
    <ChoiceButtons
      aria-label="This one"
      :options="options"
      :chosen="levelId"
      @choose="give($event, overId)"
    />
    <p aria-hidden="true">beats</p>
    <ChoiceButtons
      aria-label="beats"
      :options="rest"
      :chosen="overId"
      :disabled="levelId === null"
      @choose="give(levelId, $event)"
    />
  </div>
  <div v-else class="line">
    <VSelect
      :model-value="levelId"
      :items="options"
      label="This one"
      @update:model-value="give($event, overId)"
    />
    <VSelect :model-value="overId" :items="rest" label="beats" @update:model-value="give(levelId, $event)" />
  </div>
</template>

<style scoped>
.pair :deep(.choices) {
  grid-template-columns: repeat(auto-fill, minmax(min(140px, 100%), 1fr));
  gap: 10px;
}

.pair p {
  margin: 12px 0;
  font: 600 var(--text-heading) var(--heading);
}

.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
