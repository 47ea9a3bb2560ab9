<script setup lang="ts">
import { hazardIds, hazards } from '#core/catalogue'
import { useLesson } from '~/stores/lesson'

/** What else needs care, beside what the plan itself shows. */
const store = useLesson()
const items = hazardIds.map((id) => ({ title: hazards[id].name, value: id }))
</script>

<template>
  <VAutocomplete
    :model-value="store.plan.hazards"
    :items="items"
    multiple
    chips
    closable-chips
    label="What else needs care"
    hint="Cautions for everything in the plan appear by themselves under Safe."
    persistent-hint
    @update:model-value="store.editPlan({ hazards: $event })"
  />
</template>
