<script setup lang="ts">
import { computed } from 'vue'
import { recordingLimits, recordingWords, takesOwnEntries, type Recording } from '#core/plan'
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
</script>

<template>
  <div v-if="recording.kind !== 'measure'" class="recording">
    <template v-if="recording.kind === 'intervals'">
      <QuantityField
        unit="count"
        whole
        label="Every"
        suffix="min"
        :least="1"
        :greatest="recordingLimits.everyMinutes"
        :model-value="recording.everyMinutes"
        @update:model-value="set({ everyMinutes: $event! })"
      />
      <QuantityField
        unit="count"
        whole
        label="Times"
        suffix=""
        :least="2"
        :greatest="recordingLimits.times"
        :model-value="recording.times"
        @update:model-value="set({ times: $event! })"
      />
    </template>
    <QuantityField
      v-else-if="recording.kind === 'daily'"
      unit="count"
      whole
      label="School days"
      suffix=""
      :least="2"
      :greatest="recordingLimits.days"
      :model-value="recording.days"
      @update:model-value="set({ days: $event! })"
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
    <p class="small soft note">
      <template v-if="!takesOwnEntries(recording.kind)"
        >Its own way of writing down is still to come. Until then it takes one</template
      ><template v-else>One</template> number for each try: {{ recordingWords(recording.kind).oneReading }}.
    </p>
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
