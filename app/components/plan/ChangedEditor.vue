<script setup lang="ts">
import { computed } from 'vue'
import { newId, type Changed } from '#core/plan'
import { unitDefinition, units } from '#core/quantity'
import { useLesson } from '../../stores/lesson'

/** The one thing that is changed, and its levels. */
const store = useLesson()
const plan = computed(() => store.plan)
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
    <h2>We change</h2>
    <VTextField
      :model-value="plan.changed.name"
      label="One thing"
      placeholder="drop height"
      :maxlength="80"
      :error-messages="problem('changed')"
      @update:model-value="change({ name: $event }, 'changed')"
    />
    <div class="row">
      <VBtnToggle
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
      <VSelect
        v-if="plan.changed.kind === 'number'"
        :model-value="plan.changed.unit"
        :items="unitItems"
        label="Measured in"
        class="unit"
        @update:model-value="change({ unit: $event })"
      />
    </div>
    <LevelsEditor />
    <p v-if="problem('levels')" class="bad small" role="alert">{{ problem('levels') }}</p>
  </section>
</template>

<style scoped>
.tight {
  gap: 10px;
}

.unit {
  max-width: 170px;
}

.bad {
  color: var(--coral);
}
</style>
