<script setup lang="ts">
import { mdiStairs } from '@mdi/js'
import { computed, ref } from 'vue'
import { newId, planLimits, withRounds, type Changed } from '#core/plan'
import { unitDefinition, units } from '#core/quantity'
import { useLesson } from '../../stores/lesson'

/** The one thing that is changed, and its levels. */
const store = useLesson()
const plan = computed(() => store.plan)
const stepping = ref(false)
const improving = computed(() => plan.value.aim === 'improve')
const rounds = Array.from({ length: planLimits.levels - 1 }, (_, index) => index + 2)
const unitItems = units.map((unit) => ({ title: unitDefinition(unit).spoken, value: unit }))
const problem = (path: string) => store.planProblems.find((field) => field.path.startsWith(path))?.message

function change(changes: Partial<Changed>, key = '') {
  store.editPlan({ changed: { ...plan.value.changed, ...changes } }, key)
}

/** Numbers and names do not mix, so the levels turn into one another as far as they can. */
function setKind(kind: Changed['kind']) {
  if (kind === plan.value.changed.kind) return
  const levels = plan.value.levels.map((level) =>
    kind === 'kinds'
      ? { ...level, name: level.name || (level.value === null ? '' : String(level.value)) }
      : { ...level, value: level.value ?? (Number(level.name) || null), baseline: false, picture: null },
  )
  store.editPlan({
    changed: {
      ...plan.value.changed,
      kind,
      unit: kind === 'number' ? (plan.value.changed.unit ?? 'cm') : null,
      range: null,
    },
    levels:
      levels.length > 0 ? levels : [{ id: newId(), name: '', value: null, baseline: false, picture: null }],
    prediction: {
      ...plan.value.prediction,
      format:
        kind === 'kinds' && plan.value.prediction.format === 'direction'
          ? 'choice'
          : plan.value.prediction.format,
    },
  })
}
</script>

<template>
  <section class="panel stack tight">
    <div class="spread">
      <h2>We change</h2>
      <VBtnToggle
        v-if="!improving"
        :model-value="plan.changed.kind"
        mandatory
        density="compact"
        color="primary"
        variant="outlined"
        divided
        @update:model-value="setKind"
      >
        <VBtn value="number" size="small">by numbers</VBtn>
        <VBtn value="kinds" size="small">by kinds</VBtn>
      </VBtnToggle>
    </div>
    <div class="what">
      <VTextField
        :model-value="plan.changed.name"
        label="One thing"
        placeholder="drop height"
        :maxlength="80"
        :error-messages="problem('changed')"
        @update:model-value="change({ name: $event }, 'changed')"
      />
      <VSelect
        v-if="plan.changed.kind === 'number'"
        :model-value="plan.changed.unit"
        :items="unitItems"
        label="In"
        @update:model-value="change({ unit: $event })"
      />
    </div>
    <VSelect
      v-if="improving"
      :model-value="plan.levels.length"
      :items="rounds"
      label="Rounds of building and testing"
      hint="Alter one thing in each round, and write down which."
      persistent-hint
      :hide-details="false"
      @update:model-value="store.editPlan((before) => withRounds(before, $event))"
    />
    <template v-if="!improving">
      <LevelsEditor>
        <VBtn
          v-if="plan.changed.kind === 'number'"
          size="small"
          variant="text"
          color="primary"
          :prepend-icon="mdiStairs"
          :aria-expanded="stepping"
          @click="stepping = !stepping"
          >Even steps</VBtn
        >
      </LevelsEditor>
      <EvenSteps v-if="stepping && plan.changed.kind === 'number'" @done="stepping = false" />
      <PropertiesEditor />
    </template>
    <p v-if="problem('levels')" class="bad small" role="alert">{{ problem('levels') }}</p>
  </section>
</template>

<style scoped>
.tight {
  gap: 10px;
}

.what {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-auto-columns: 150px;
  grid-auto-flow: column;
  gap: 10px;
}

.bad {
  color: var(--coral);
}
</style>
