<script setup lang="ts">
import { mdiUndo } from '@mdi/js'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
</script>

<template>
  <div class="plan">
    <div class="spread head">
      <h1>{{ store.plan.question || 'No question yet' }}</h1>
      <VBtn
        :prepend-icon="mdiUndo"
        size="small"
        variant="text"
        :disabled="store.past.length === 0"
        @click="store.undoPlan()"
        >Undo</VBtn
      >
    </div>
    <div class="columns">
      <div class="stack">
        <ChangedEditor />
        <MeasuredEditor />
      </div>
      <div class="stack">
        <KeptSameEditor />
        <TriesEditor />
      </div>
    </div>
  </div>
</template>

<style scoped>
.head {
  margin-bottom: 12px;
}

h1 {
  font-size: 1.25rem;
}

.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px;
  align-items: start;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
