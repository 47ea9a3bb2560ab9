<script setup lang="ts">
import {
  mdiBookOpenVariantOutline,
  mdiCardsOutline,
  mdiClockOutline,
  mdiFormatListBulleted,
  mdiText,
  mdiUndo,
} from '@mdi/js'
import { computed } from 'vue'
import { hasPair } from '#core/variables'
import { BackgroundView, LastTime, PlanList, TimeView } from '~/components/desk/plan/lazyParts'
import { useLesson } from '~/stores/lesson'

const store = useLesson()
/** A plan without a pair begins on the cards, one that has it in its sentences. */
type View = 'cards' | 'sentences' | 'list' | 'time' | 'about'
const usual: View = hasPair(store.plan) ? 'sentences' : 'cards'
const route = useRoute()
const router = useRouter()
const views: View[] = ['cards', 'sentences', 'list', 'time', 'about']
/** Kept in the address, so that a check can point at the time line. */
const view = computed<View>({
  get: () => views.find((one) => one === route.query.view) ?? usual,
  set: (chosen) => void router.replace({ query: { ...route.query, view: chosen } }),
})

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
          <VBtn value="cards" size="small" :prepend-icon="mdiCardsOutline">Cards</VBtn>
          <VBtn value="sentences" size="small" :prepend-icon="mdiText">In sentences</VBtn>
          <VBtn value="list" size="small" :prepend-icon="mdiFormatListBulleted">As a list</VBtn>
          <VBtn value="time" size="small" :prepend-icon="mdiClockOutline">In time</VBtn>
          <VBtn value="about" size="small" :prepend-icon="mdiBookOpenVariantOutline">The idea</VBtn>
        </VBtnToggle>
        <SplitLesson />
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
    <VariablesBoard v-if="view === 'cards'" class="cards" @onward="view = 'sentences'" />
    <template v-else-if="view === 'sentences'">
      <PlanParagraph />
      <LastTime :key="store.open.id" />
    </template>
    <TimeView v-else-if="view === 'time'" />
    <BackgroundView v-else-if="view === 'about'" />
    <PlanList v-else />
  </div>
</template>

<style scoped>
/* Five views are wider than a phone: they are moved sideways within their own row. */
.tools {
  min-width: 0;
  max-width: 100%;
}

.tools > :deep(.v-btn-group) {
  max-width: 100%;
  overflow-x: auto;
}

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

@media (max-width: 900px) {
  .tools {
    flex-wrap: wrap;
    flex: 1 1 100%;
  }

  .plan.cards {
    height: auto;
  }
}

.head {
  flex-wrap: wrap;
  margin-bottom: 12px;
}

.head h1 {
  flex: 1 1 260px;
}
</style>
