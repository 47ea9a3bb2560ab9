<script setup lang="ts">
import { unrehearsedBecause } from '#core/rehearsal'
import { useLesson } from '~/stores/lesson'
import { useRehearsal } from '~/stores/rehearsal'

/** The rehearsed classes as small drawings, and what they were told to expect. */
defineProps<{ brief: boolean }>()
const store = useLesson()
const rehearsal = useRehearsal()
</script>

<template>
  <div v-if="!brief && unrehearsedBecause(store.plan) === null" class="body">
    <template v-if="rehearsal.rehearsal">
      <ExampleClasses :examples="rehearsal.rehearsal.examples" />
      <p v-if="rehearsal.running" class="small soft running">
        <VProgressLinear :model-value="100 * rehearsal.share" color="primary" aria-label="Rehearsal" />
        {{ rehearsal.rehearsal.classes }} classes
        <VBtn size="x-small" variant="text" @click="rehearsal.stop">Stop</VBtn>
      </p>
    </template>
    <ExpectationFields />
  </div>
</template>

<style scoped>
.body {
  align-self: stretch;
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.running {
  display: flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
}
</style>
