<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { newId, planLimits, type KeptSame } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** What must not change, and how each is kept so. */
const store = useLesson()
const kept = computed(() => store.plan.keptSame)

function change(id: string, changes: Partial<KeptSame>, key: string) {
  store.editPlan(
    { keptSame: kept.value.map((same) => (same.id === id ? { ...same, ...changes } : same)) },
    key,
  )
}
</script>

<template>
  <section class="panel stack tight">
    <h2>We keep the same</h2>
    <div v-for="same in kept" :key="same.id" class="same">
      <VTextField
        :model-value="same.name"
        aria-label="What"
        placeholder="what"
        :maxlength="80"
        @update:model-value="change(same.id, { name: $event }, `name-${same.id}`)"
      />
      <VTextField
        :model-value="same.how"
        :aria-label="`How ${same.name} is kept the same`"
        placeholder="how?"
        :maxlength="160"
        @update:model-value="change(same.id, { how: $event }, `how-${same.id}`)"
      />
      <VBtn
        :icon="mdiClose"
        size="x-small"
        variant="text"
        :aria-label="`Take out ${same.name}`"
        @click="store.editPlan({ keptSame: kept.filter((one) => one.id !== same.id) })"
      />
    </div>
    <VBtn
      v-if="kept.length < planLimits.keptSame"
      size="small"
      variant="text"
      color="primary"
      class="add"
      :prepend-icon="mdiPlus"
      @click="store.editPlan({ keptSame: [...kept, { id: newId(), name: '', how: '', was: null }] })"
      >Add one more</VBtn
    >
  </section>
</template>

<style scoped>
.tight {
  gap: 6px;
}

.same {
  display: grid;
  grid-template-columns: 1fr 1.7fr auto;
  gap: 6px;
  align-items: center;
}

.add {
  align-self: flex-start;
}
</style>
