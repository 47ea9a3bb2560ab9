<script setup lang="ts">
import { mdiStairs } from '@mdi/js'
import { computed, ref } from 'vue'
import { withLevelKind, type Changed } from '#core/plan'
import { unitDefinition, units } from '#core/quantity'
import { useLesson } from '~/stores/lesson'

/** The levels of the thing changed: in one line, one by one, or in even steps; and what else they differ in. */
defineProps<{ seed: string }>()
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const plan = computed(() => store.plan)
const stepping = ref(false)
const numbers = computed(() => plan.value.changed.kind === 'number')
const unitItems = units.map((unit) => ({ title: unitDefinition(unit).spoken, value: unit }))
</script>

<template>
  <div class="stack panel-of-levels">
    <LevelsLine :seed="seed" @done="emit('done')" />
    <div class="row kind">
      <VBtnToggle
        :model-value="plan.changed.kind"
        mandatory
        density="compact"
        color="primary"
        variant="outlined"
        divided
        @update:model-value="
          (kind: Changed['kind']) => store.editPlan((before) => withLevelKind(before, kind))
        "
      >
        <VBtn value="number" size="small">by numbers</VBtn>
        <VBtn value="kinds" size="small">by kinds</VBtn>
      </VBtnToggle>
      <VSelect
        v-if="numbers"
        :model-value="plan.changed.unit"
        :items="unitItems"
        label="In"
        @update:model-value="store.editPlan({ changed: { ...plan.changed, unit: $event } })"
      />
    </div>
    <LevelsEditor>
      <VBtn
        v-if="numbers"
        size="small"
        variant="text"
        color="primary"
        :prepend-icon="mdiStairs"
        :aria-expanded="stepping"
        @click="stepping = !stepping"
        >Even steps</VBtn
      >
    </LevelsEditor>
    <EvenSteps v-if="stepping && numbers" @done="stepping = false" />
    <PropertiesEditor />
  </div>
</template>

<style scoped>
.panel-of-levels {
  gap: 10px;
}

.kind {
  gap: 10px;
  flex-wrap: nowrap;
}
</style>
