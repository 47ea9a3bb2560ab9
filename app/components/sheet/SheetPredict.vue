<script setup lang="ts">
import { computed, ref } from 'vue'
import { predictionWords, stepSaid, type PredictionAnswer } from '#core/conclusion'
import type { PredictionStep } from '#core/plan'
import { useDraftText } from '~/composables/useDraftText'
import { useLesson } from '~/stores/lesson'

/** First of all: what does the group expect? */
const props = withDefaults(defineProps<{ groupId: string; seat: number; step?: PredictionStep }>(), {
  step: 'before',
})
const store = useLesson()
const answer = ref<PredictionAnswer | null>(null)
const because = useDraftText(() => `${store.open.id}|${props.groupId}|${props.seat}|${props.step}|because`)

/** What was predicted before, so that it can be thought over. */
const earlier = computed(() => {
  const own = store.predictors.find((one) => one.groupId === props.groupId && one.seat === props.seat)
  return own?.made ? predictionWords(store.scored, own.made.answer, store.plan) : ''
})

function keep() {
  if (!answer.value) return
  void store.predict(props, answer.value, because.value.trim(), props.step)
  because.value = ''
}
</script>

<template>
  <form class="step" @submit.prevent="keep">
    <p v-if="seat > 0" class="turn">Child {{ seat }}, it is your turn. Then pass it on.</p>
    <h1>{{ store.plan.question }}</h1>
    <p v-if="step !== 'before'" class="once-more">
      You know more now, {{ stepSaid[step] }}. What do you think will come?
      <template v-if="earlier">Before you thought: {{ earlier }}.</template>
    </p>
    <PredictionInput v-model="answer" large label="Our prediction" />
    <VTextarea
      v-if="store.plan.prediction.because"
      v-model="because"
      label="because…"
      :maxlength="300"
      :rows="2"
      class="because"
    />
    <VBtn type="submit" color="primary" size="x-large" block :disabled="!answer">{{
      seat > 0 ? 'This is my prediction' : 'This is our prediction'
    }}</VBtn>
  </form>
</template>

<style scoped>
.once-more {
  margin-bottom: 12px;
}

.turn {
  font: 600 var(--text-heading) var(--heading);
}

h1 {
  font-size: var(--text-lead);
  font-weight: 500;
  color: var(--ink-soft);
}

.because :deep(textarea) {
  font-size: var(--text-heading);
}
</style>
