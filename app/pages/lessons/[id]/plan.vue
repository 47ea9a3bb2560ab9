<script setup lang="ts">
import { mdiCardsOutline, mdiTuneVariant, mdiUndo } from '@mdi/js'
import { ref } from 'vue'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
/** A plan without a pair begins on the cards, one that has it in its details. */
const view = ref<'cards' | 'details'>(
  store.plan.changed.name.trim() && store.plan.measured.name.trim() ? 'details' : 'cards',
)

/** A date field is empty while a day is being typed. */
function setDay(day: string) {
  if (day) void store.setDate(day)
}
</script>

<template>
  <div class="plan" :class="view">
    <div class="spread head">
      <h1 class="stage-title">{{ store.plan.question || 'No question yet' }}</h1>
      <div class="row tools">
        <VBtnToggle v-model="view" mandatory color="secondary" density="compact" variant="outlined" divided>
          <VBtn value="cards" size="small" :prepend-icon="mdiCardsOutline">Change and keep</VBtn>
          <VBtn value="details" size="small" :prepend-icon="mdiTuneVariant">Levels and tries</VBtn>
        </VBtnToggle>
        <OwnTest />
        <VTextField
          :model-value="store.open.date"
          type="date"
          label="Day of the lesson"
          class="day"
          @change="setDay($event.target.value)"
        />
        <VBtn
          :icon="mdiUndo"
          size="small"
          variant="text"
          aria-label="Undo"
          title="Undo (u)"
          :disabled="store.past.length === 0"
          @click="store.undoPlan()"
        />
      </div>
    </div>
    <VariablesBoard v-if="view === 'cards'" class="cards" @onward="view = 'details'" />
    <div v-else class="two-columns">
      <div class="stack">
        <ChangedEditor />
        <MeasuredEditor />
      </div>
      <TriesEditor />
    </div>
  </div>
</template>

<style scoped>
.plan.cards {
  height: 100%;
  display: flex;
  flex-direction: column;
}

.cards {
  flex: 1;
  min-height: 0;
}

.tools {
  flex: none;
  flex-wrap: nowrap;
  gap: 8px;
}

.day {
  width: 158px;
}

.head {
  margin-bottom: 12px;
}
</style>
