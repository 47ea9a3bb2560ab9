<script setup lang="ts">
import { mdiUndo } from '@mdi/js'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()

/** A date field is empty while a day is being typed. */
function setDay(day: string) {
  if (day) void store.setDate(day)
}
</script>

<template>
  <div class="plan">
    <div class="spread head">
      <h1 class="stage-title">{{ store.plan.question || 'No question yet' }}</h1>
      <div class="row tools">
        <VTextField
          :model-value="store.open.date"
          type="date"
          label="Day of the lesson"
          class="day"
          @change="setDay($event.target.value)"
        />
        <VBtn
          :prepend-icon="mdiUndo"
          size="small"
          variant="text"
          :disabled="store.past.length === 0"
          @click="store.undoPlan()"
          >Undo</VBtn
        >
      </div>
    </div>
    <div class="two-columns">
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
.tools {
  flex: none;
  flex-wrap: nowrap;
}

.day {
  width: 176px;
}

.head {
  margin-bottom: 12px;
}

@media (max-width: 1000px) {
}
</style>
