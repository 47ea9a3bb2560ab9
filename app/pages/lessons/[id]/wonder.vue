<script setup lang="ts">
import { mdiArrowRight } from '@mdi/js'
import { computed } from 'vue'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
const router = useRouter()
const plan = computed(() => store.plan)
const madeQuestion = computed(() => {
  const changed = plan.value.changed.name.trim()
  const measured = plan.value.measured.name.trim()
  return changed && measured ? `What happens to the ${measured} when we change the ${changed}?` : null
})
const bestFindings = computed(() => store.fair.findings.filter((finding) => finding.part === 'question'))
const ends = [
  { title: 'No, it asks what happens', value: null },
  { title: 'Yes: the most wins', value: 'most' },
  { title: 'Yes: the least wins', value: 'least' },
]

async function onward() {
  await store.setStage('plan')
  await router.push(`/lessons/${store.open.id}/plan`)
}
</script>

<template>
  <div class="wonder">
    <section class="stack">
      <h1>What do we wonder?</h1>
      <VTextarea
        :model-value="plan.question"
        label="Our question"
        class="question"
        :rows="2"
        :maxlength="300"
        counter
        @update:model-value="store.editPlan({ question: $event }, 'question')"
      />
      <VTextField
        :model-value="plan.title"
        label="Short name for the logbook"
        :maxlength="120"
        class="narrow"
        @update:model-value="store.editPlan({ title: $event }, 'title')"
      />
      <div v-for="finding in bestFindings" :key="finding.code" class="best" role="status">
        {{ finding.reason }}
        <div class="row remedies">
          <VBtn
            v-for="one in finding.remedies"
            :key="one.label"
            size="small"
            variant="outlined"
            color="secondary"
            @click="store.editPlan(one.apply)"
            >{{ one.label }}</VBtn
          >
        </div>
      </div>
      <VBtn
        color="primary"
        size="large"
        class="onward"
        :append-icon="mdiArrowRight"
        :disabled="!plan.question.trim()"
        @click="onward"
        >Plan the test</VBtn
      >
    </section>
    <section class="panel stack">
      <h2>Can we test it?</h2>
      <p>A question we can test names one thing to change and one thing to measure.</p>
      <VTextField
        :model-value="plan.changed.name"
        label="One thing we change"
        placeholder="drop height"
        :maxlength="80"
        @update:model-value="store.editPlan({ changed: { ...plan.changed, name: $event } }, 'changed')"
      />
      <VTextField
        :model-value="plan.measured.name"
        label="One thing we measure"
        placeholder="bounce height"
        :maxlength="80"
        @update:model-value="store.editPlan({ measured: { ...plan.measured, name: $event } }, 'measured')"
      />
      <div v-if="madeQuestion && madeQuestion !== plan.question" class="suggestion">
        <p>{{ madeQuestion }}</p>
        <VBtn
          variant="outlined"
          color="primary"
          size="small"
          @click="store.editPlan({ question: madeQuestion })"
          >Ask it like this</VBtn
        >
      </div>
      <VSelect
        :model-value="plan.best"
        :items="ends"
        label="Does the question ask for a winner?"
        @update:model-value="store.editPlan({ best: $event })"
      />
    </section>
  </div>
</template>

<style scoped>
.wonder {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(320px, 1fr);
  gap: 36px;
  max-width: 1160px;
  margin: 24px auto 0;
  align-items: start;
}

.wonder > section:first-child {
  gap: 20px;
}

.question :deep(textarea) {
  font: 500 1.5rem/1.35 var(--heading);
}

.narrow {
  max-width: 420px;
}

.onward {
  align-self: flex-start;
}

.best {
  background: var(--marigold-wash);
  border-left: 4px solid var(--marigold);
  border-radius: var(--radius);
  padding: 12px 14px;
}

.remedies {
  margin-top: 8px;
}

.suggestion {
  background: var(--teal-wash);
  border-radius: var(--radius);
  padding: 12px;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 8px;
}

@media (max-width: 900px) {
  .wonder {
    grid-template-columns: 1fr;
  }
}
</style>
