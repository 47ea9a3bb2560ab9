<script setup lang="ts">
import { mdiInformationOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { hasOneSetting } from '#core/plan'
import { pictureViews } from '~/components/desk/compare/pictureViews'
import { usePicture } from '~/composables/usePicture'
import { useReviews } from '~/composables/useReviews'
import { usePredictedNumbers } from '~/composables/usePredictedNumbers'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { useObservations } from '~/stores/observations'

const store = useLesson()
const hero = ref<HTMLElement | null>(null)
const results = useResults()
const { canOpen } = useReviews()
const isOneSetting = computed(() => hasOneSetting(store.scored) && store.counted.length > 0)
const observations = useObservations()
const { picture, counted, quantities } = usePicture()
const drawn = computed(() => picture.value && pictureViews[picture.value.kind])
const hasPodium = computed(() => picture.value?.kind === 'tiles' && picture.value.tiles.podium !== undefined)
/** A picture of one of the quantities that are read, by its place, what is compared, or numbers beside what was predicted. */
const view = ref<number | 'scores' | 'predicted'>(0)
const pictured = computed(() => (typeof view.value === 'number' ? view.value : null))
const { lines: predicted } = usePredictedNumbers()
/** Two lines: what each level did, where the way of recording says it, and why it may be said. */
const told = computed(() => [results.found.detail, ...results.found.reasons].filter(Boolean))
const shown = computed(() => told.value.slice(0, 2))
/** What a teacher may want to know, and a child need not read. */
const more = computed(() => told.value.slice(2))
if (store.open.stage === 'test') void store.setStage('compare')
</script>

<template>
  <div class="compare">
    <div class="main">
      <div class="says">
        <h1>{{ results.found.sentence }}</h1>
        <div class="why">
          <VerdictMark
            v-if="results.evidence.results.length >= 2"
            :word="results.found.word"
            :so-far="results.evidence.table.looks.open"
          />
          <div>
            <p v-for="line in shown" :key="line">{{ line }}</p>
            <p v-for="line in results.caveats.slice(0, 2)" :key="line" class="beside">
              <VIcon :icon="mdiInformationOutline" size="18" />{{ line }}
            </p>
            <details v-if="more.length > 0 || results.caveats.length > 2">
              <summary>How do we know?</summary>
              <p v-for="reason in [...more, ...results.caveats.slice(2)]" :key="reason">{{ reason }}</p>
            </details>
          </div>
        </div>
        <FinishTesting v-if="results.evidence.results.length >= 2 || isOneSetting" />
      </div>
      <template v-if="results.evidence.results.length > 0 || counted.length > 0">
        <div v-if="drawn || predicted.length > 0" class="row views">
          <VBtnToggle v-model="view" mandatory color="secondary" density="compact" variant="outlined" divided>
            <template v-if="drawn">
              <VBtn v-for="(own, place) in quantities" :key="place" :value="place" size="small">{{
                quantities.length === 1 ? drawn.name : `${drawn.name}: ${own.measured.name}`
              }}</VBtn>
            </template>
            <VBtn :value="drawn ? 'scores' : 0" size="small">{{ store.scored.measured.name }}</VBtn>
            <VBtn v-if="predicted.length > 0" value="predicted" size="small">Predicted and found</VBtn>
          </VBtnToggle>
        </div>
        <div
          ref="hero"
          class="hero panel"
          :class="{ tall: hasPodium && pictured !== null }"
          :style="view === 'predicted' ? { height: `${predicted.length * 24 + 120}px` } : {}"
        >
          <PredictedChart v-if="view === 'predicted'" />
          <LessonChart v-else-if="pictured !== null" :quantity="pictured" />
          <ResultsChart v-else />
          <div class="save"><SaveChart :chart="hero" /></div>
        </div>
        <PredictedTable v-if="view === 'predicted'" />
        <component
          :is="drawn.table"
          v-else-if="drawn && pictured !== null"
          v-bind="pictured > 0 ? { quantity: pictured } : {}"
        />
        <ResultsTable v-else />
      </template>
      <p v-else class="panel">
        No readings yet. They appear here as soon as the first is recorded in
        <NuxtLink :to="`/lessons/${store.open.id}/test`">Test</NuxtLink>.
      </p>
      <GroupVisits v-if="canOpen || store.open.reviewing" />
      <ObservationStrip v-if="observations.standing.length > 0" />
    </div>
    <aside class="stack">
      <OddThings />
      <a v-if="observations.standing.length > 0" href="#besides" class="small">{{
        observations.standing.length === 1
          ? '1 other thing was noticed'
          : `${observations.standing.length} other things were noticed`
      }}</a>
      <a v-if="canOpen || store.open.reviewing" href="#visits" class="small">Look at each other’s work</a>
    </aside>
  </div>
</template>

<style scoped>
.compare {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 22px;
  align-items: start;
}

.main {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}

h1 {
  font-size: var(--text-title);
}

.why {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 6px;
  line-height: 1.35;
}

.beside {
  display: flex;
  gap: 6px;
  align-items: baseline;
  color: var(--ink-soft);
}

.hero {
  height: min(240px, 31vh);
  padding: 8px;
  position: relative;
}

.save {
  position: absolute;
  top: 4px;
  right: 4px;
}

.hero.tall {
  height: min(380px, 49vh);
}

@media (max-width: 1000px) {
  .compare {
    grid-template-columns: 1fr;
  }
}
</style>
