<script setup lang="ts">
import { ref } from 'vue'
import type { PredictionAnswer } from '#core/conclusion'
import { useHalfTyped } from '../../composables/useHalfTyped'
import { useLesson } from '../../stores/lesson'

/** First of all: what does the group expect? */
const props = defineProps<{ groupId: string; seat: number }>()
const store = useLesson()
const answer = ref<PredictionAnswer | null>(null)
const because = useHalfTyped(() => `${store.open.id}|${props.groupId}|${props.seat}|because`)

function keep() {
  if (!answer.value) return
  void store.predict(props, answer.value, because.value.trim())
  because.value = ''
}
</script>

<template>
  <form class="step" @submit.prevent="keep">
    <p v-if="seat > 0" class="turn">Child {{ seat }}, it is your turn. Then pass it on.</p>
    <h1>{{ store.plan.question }}</h1>
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
