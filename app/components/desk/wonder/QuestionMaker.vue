<script setup lang="ts">
import { mdiArrowRight } from '@mdi/js'
import { computed } from 'vue'
import { aimOf, guessFromNames, withAim, withSuggestedNames } from '#core/variables'
import { asksForRounds, suggestParts, testability } from '#core/wonder'
import { useLesson } from '~/stores/lesson'

/** Our question, and what it still needs so that we can test it. */
const emit = defineEmits<{ onward: [] }>()
const store = useLesson()
const plan = computed(() => store.plan)
const check = computed(() =>
  testability({
    question: plan.value.question,
    change: plan.value.changed.name,
    measure: plan.value.measured.name,
    best: plan.value.best,
  }),
)
const suggested = computed(() => suggestParts(plan.value.question))
const changes = computed(() => (plan.value.changed.name.trim() === '' ? suggested.value.change : []))
const measures = computed(() => (plan.value.measured.name.trim() === '' ? suggested.value.measure : []))
const rounds = computed(
  () => changes.value.length === 0 && asksForRounds(plan.value.question) && aimOf(plan.value) === 'compare',
)
const best = computed(() => check.value.lacks.includes('meaning') && !check.value.lacks.includes('measure'))

const change = (name: string) => store.editPlan({ changed: { ...plan.value.changed, name } }, 'changed')
const measure = (name: string) => store.editPlan({ measured: { ...plan.value.measured, name } }, 'measured')

/** Once a name is written it may tell what it is; the guess is undone together with the name. */
function guess(key: 'changed' | 'measured') {
  const guessed = guessFromNames(plan.value, store.open.school.cupboard)
  if (JSON.stringify(guessed) !== JSON.stringify(plan.value)) store.editPlan(guessed, key)
}

/** A question that says both names fills them in; that is undone like any other change. */
function asked() {
  const named = withSuggestedNames(plan.value, store.open.school.cupboard)
  if (named !== plan.value) store.editPlan(named)
}
</script>

<template>
  <section class="maker" aria-label="Our question">
    <div class="asked">
      <VTextarea
        :model-value="plan.question"
        label="Our question"
        class="question"
        :rows="1"
        :maxlength="300"
        @update:model-value="store.editPlan({ question: $event }, 'question')"
        @blur="asked"
      />
      <p class="help" :class="{ ready: check.testable }" role="status">
        {{ check.help }}
        <span v-if="best" class="choices">
          <VBtn size="small" variant="outlined" color="secondary" @click="store.editPlan({ best: 'most' })"
            >The most wins</VBtn
          >
          <VBtn size="small" variant="outlined" color="secondary" @click="store.editPlan({ best: 'least' })"
            >The least wins</VBtn
          >
        </span>
        <VBtn
          v-if="rounds"
          size="small"
          variant="outlined"
          color="secondary"
          @click="store.editPlan(withAim(plan, 'improve'))"
          >Improve it in rounds</VBtn
        >
        <VBtn
          v-if="check.asked && check.asked !== plan.question"
          size="small"
          variant="outlined"
          color="primary"
          :title="check.asked"
          @click="store.editPlan({ question: check.asked })"
          >Ask it like this</VBtn
        >
      </p>
      <p v-if="check.asked && check.asked !== plan.question" class="soft small">{{ check.asked }}</p>
    </div>
    <div class="parts">
      <VTextField
        :model-value="plan.changed.name"
        label="One thing we change"
        placeholder="drop height"
        :maxlength="80"
        @update:model-value="change"
        @blur="guess('changed')"
      />
      <p v-if="changes.length" class="small chips">
        <button v-for="one in changes" :key="one" type="button" @click="change(one)">{{ one }}?</button>
      </p>
      <VTextField
        :model-value="plan.measured.name"
        label="One thing we measure"
        placeholder="bounce height"
        :maxlength="80"
        @update:model-value="measure"
        @blur="guess('measured')"
      />
      <p v-if="measures.length" class="small chips">
        <button v-for="one in measures" :key="one" type="button" @click="measure(one)">{{ one }}?</button>
      </p>
    </div>
    <div class="end">
      <VTextField
        :model-value="plan.title"
        label="Short name for the logbook"
        :maxlength="120"
        @update:model-value="store.editPlan({ title: $event }, 'title')"
      />
      <VBtn
        color="primary"
        size="large"
        block
        :append-icon="mdiArrowRight"
        :disabled="!plan.question.trim()"
        @click="emit('onward')"
        >Plan the test</VBtn
      >
    </div>
  </section>
</template>

<style scoped>
.maker {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr) 250px;
  gap: 18px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 14px 16px;
}

.question :deep(textarea) {
  font: 500 var(--text-lead)/1.35 var(--heading);
}

.asked,
.parts,
.end {
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.help {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 10px;
  line-height: 1.35;
  border-left: 4px solid var(--marigold);
  padding-left: 10px;
}

.help.ready {
  border-color: var(--teal);
}

.choices,
.chips {
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
}

.chips button {
  border: 1px dashed var(--ink-soft);
  border-radius: 999px;
  background: var(--surface);
  padding: 1px 10px;
  color: var(--ink);
}

@media (max-width: 900px) {
  .maker {
    grid-template-columns: 1fr;
  }
}
</style>
