<script setup lang="ts">
import { mdiFlagOutline, mdiFlag, mdiPlus } from '@mdi/js'
import { computed, nextTick, ref } from 'vue'
import { levelName, planLimits, withLevel, withLevelAdded, withoutLevel, type Level } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** The levels of the thing changed: numbers in the plan's unit, or named kinds. */
const store = useLesson()
const rows = ref<HTMLElement | null>(null)
const plan = computed(() => store.plan)
const numbers = computed(() => plan.value.changed.kind === 'number')

function change(id: string, changes: Partial<Level>, key = '') {
  store.editPlan((before) => withLevel(before, id, changes), key)
}

async function add() {
  store.editPlan(withLevelAdded)
  await nextTick()
  const inputs = rows.value?.querySelectorAll<HTMLInputElement>('.v-text-field input')
  inputs?.[inputs.length - 1]?.select()
}
</script>

<template>
  <div>
    <div ref="rows" v-memo="[plan.levels, numbers, plan.changed.unit]" class="levels" :class="{ numbers }">
      <div v-for="(level, index) in plan.levels" :key="level.id" class="level">
        <QuantityField
          v-if="numbers"
          :model-value="level.value"
          :unit="plan.changed.unit ?? 'cm'"
          optional
          class="number-field"
          :aria-label="`Level ${index + 1}`"
          @update:model-value="change(level.id, { value: $event }, `level-${level.id}`)"
          @keydown.enter.prevent="add"
        />
        <VTextField
          v-else
          :model-value="level.name"
          :maxlength="60"
          :aria-label="`Level ${index + 1}`"
          placeholder="name of this kind"
          @update:model-value="change(level.id, { name: $event }, `level-${level.id}`)"
          @keydown.enter.prevent="add"
        />
        <PictureMenu
          v-if="!numbers"
          :model-value="level.picture"
          :of="levelName(plan, level)"
          @update:model-value="change(level.id, { picture: $event })"
        />
        <VBtn
          v-if="!numbers"
          :icon="level.baseline ? mdiFlag : mdiFlagOutline"
          size="x-small"
          variant="text"
          :aria-pressed="level.baseline"
          :aria-label="`${levelName(plan, level)}: nothing added, the one to compare with`"
          title="Nothing added: the one to compare with"
          @click="change(level.id, { baseline: !level.baseline })"
        />
        <TakeOut
          :what="levelName(plan, level)"
          @click="store.editPlan((before) => withoutLevel(before, level.id))"
        />
      </div>
    </div>
    <VBtn
      v-if="plan.levels.length < planLimits.levels"
      size="small"
      variant="text"
      color="primary"
      :prepend-icon="mdiPlus"
      @click="add"
      >Add a level</VBtn
    >
    <span v-else class="small soft">You can have up to {{ planLimits.levels }} levels.</span>
    <slot />
  </div>
</template>

<style scoped>
.levels {
  display: grid;
  gap: 6px 10px;
  margin-bottom: 4px;
}

.levels.numbers {
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 6px 4px;
}

.number-field :deep(.v-field) {
  --v-field-padding-start: 10px;
  --v-field-padding-end: 8px;
}

.level {
  display: flex;
  align-items: flex-start;
  gap: 0;
}
</style>
