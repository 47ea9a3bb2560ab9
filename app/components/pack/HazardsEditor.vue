<script setup lang="ts">
import { computed } from 'vue'
import { cautionsFor, hazardIds, hazards, safetyComesFirst } from '#core/safety'
import { useLesson } from '../../stores/lesson'

/** What could hurt somebody, with the usual cautions at this age. */
const store = useLesson()
const items = hazardIds.map((id) => ({ title: hazards[id].name, value: id }))
const cautions = computed(() => cautionsFor(store.plan.hazards, store.open.class.ageBand))
</script>

<template>
  <div class="stack">
    <VSelect
      :model-value="store.plan.hazards"
      :items="items"
      multiple
      chips
      closable-chips
      label="What needs care"
      @update:model-value="store.editPlan({ hazards: $event })"
    />
    <ul v-if="cautions.length" class="small">
      <li v-for="caution in cautions" :key="caution.hazard">
        <b>{{ caution.heading }}</b><br />{{ caution.caution }}
      </li>
    </ul>
    <p class="small soft">{{ safetyComesFirst }}</p>
  </div>
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: 18px;
  display: grid;
  gap: 8px;
}
</style>
