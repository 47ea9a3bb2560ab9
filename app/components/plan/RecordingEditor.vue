<script setup lang="ts">
import { computed } from 'vue'
import type { Recording } from '#core/plan'
import { wayOf } from '#core/recording'
import { useLesson } from '../../stores/lesson'

/** What the way of recording needs to be told, and what one number of it is. */
const store = useLesson()
const way = computed(() => wayOf(store.plan))
const answers = computed(() => store.plan.recording as unknown as Record<string, number & string[]>)
const problem = computed(
  () => store.planProblems.find((field) => field.path.startsWith('recording'))?.message,
)

/** An answer that may be left out is no part of the plan then. */
function set(name: string, answer: number | string[] | null) {
  store.editPlan((plan) => {
    const { [name as 'kind']: _before, ...others } = plan.recording
    return { ...plan, recording: { ...others, ...(answer === null ? {} : { [name]: answer }) } as Recording }
  }, 'recording')
}

const wordsOf = (text: string, letters: number, most: number) =>
  [...new Set(text.split(',').map((word) => word.trim().slice(0, letters)))].filter(Boolean).slice(0, most)
</script>

<template>
  <div v-if="way.options.length > 0 || way.fields(store.plan)[0]?.help" class="recording">
    <template v-for="option in way.options" :key="option.name">
      <QuantityField
        v-if="option.kind === 'whole'"
        unit="count"
        whole
        :label="option.label"
        :suffix="option.suffix"
        :least="option.least"
        :greatest="option.greatest"
        :optional="option.optional"
        :model-value="answers[option.name] ?? null"
        @update:model-value="set(option.name, $event)"
      />
      <VTextField
        v-else
        :label="option.label"
        :model-value="answers[option.name]?.join(', ')"
        class="words"
        @change="set(option.name, wordsOf($event.target.value, option.letters, option.most))"
      />
    </template>
    <p v-if="problem" class="bad small note" role="alert">{{ problem }}</p>
    <p class="small soft note">
      <template v-if="way.byHand"
        >Its own way of writing down is still to come. Until then it takes one</template
      ><template v-else>One</template> number for each try: {{ way.oneEntry }}.
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
