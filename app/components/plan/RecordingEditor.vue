<script setup lang="ts">
import { computed } from 'vue'
import { recordingLimits, recordingWords, type Recording } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** What a way of recording needs to be told, and what one number of it is. */
const store = useLesson()
const recording = computed(() => store.plan.recording)
const problem = computed(
  () => store.planProblems.find((field) => field.path.startsWith('recording'))?.message,
)

function set(changes: Partial<Recording>) {
  store.editPlan(
    (plan) => ({ ...plan, recording: { ...plan.recording, ...changes } as Recording }),
    'recording',
  )
}

const whole = (text: string, most: number) => Math.min(most, Math.max(1, Math.round(Number(text)) || 1))
</script>

<template>
  <div v-if="recording.kind !== 'measure'" class="recording">
    <template v-if="recording.kind === 'intervals'">
      <VTextField
        type="number"
        label="Every"
        suffix="min"
        :model-value="recording.everyMinutes"
        @change="set({ everyMinutes: whole($event.target.value, recordingLimits.everyMinutes) })"
      />
      <VTextField
        type="number"
        label="Times"
        :model-value="recording.times"
        @change="set({ times: Math.max(2, whole($event.target.value, recordingLimits.times)) })"
      />
    </template>
    <VTextField
      v-else-if="recording.kind === 'daily'"
      type="number"
      label="School days"
      :model-value="recording.days"
      @change="set({ days: Math.max(2, whole($event.target.value, recordingLimits.days)) })"
    />
    <VTextField
      v-else-if="recording.kind === 'word-scale'"
      label="Words, from first to last"
      :model-value="recording.words.join(', ')"
      class="words"
      @change="
        set({
          words: [...new Set($event.target.value.split(',').map((word: string) => word.trim().slice(0, 40)))]
            .filter(Boolean)
            .slice(0, recordingLimits.words) as string[],
        })
      "
    />
    <p v-if="problem" class="bad small note" role="alert">{{ problem }}</p>
    <p class="small soft note">One number for each try: {{ recordingWords(recording.kind).oneReading }}.</p>
  </div>
</template>

<style scoped>
.recording {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 10px;
}

.words {
  grid-column: span 2;
}

.note {
  grid-column: 1 / -1;
}

.bad {
  color: var(--coral);
}
</style>
