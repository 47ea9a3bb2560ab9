<script setup lang="ts">
import { mdiFullscreen } from '@mdi/js'
import { useFullscreen, useLocalStorage, useWindowSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import { useClassClock } from '~/composables/useClassClock'
import { useLiveLesson } from '~/composables/useLiveLesson'
import { usePicture } from '~/composables/usePicture'
import { useScienceWords } from '~/composables/useScienceWords'
import { useStepBell } from '~/composables/useStepBell'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { useObservations } from '~/stores/observations'

const route = useRoute()
const store = useLesson()
const results = useResults()
const observations = useObservations()
const id = computed(() => String(route.params.id))
const { lost } = useLiveLesson(id)
const { isOn } = useClassClock()
useStepBell('board')
const { words } = useScienceWords()
const { toggle, isSupported } = useFullscreen()
type Face = 'wonder' | 'cards' | 'clock' | 'results' | 'visits' | 'seen' | 'words'
const faces = computed<{ face: Face; name: string }[]>(() => [
  { face: 'wonder', name: 'Wonder' },
  { face: 'cards', name: 'Cards' },
  { face: 'clock', name: 'Clock' },
  { face: 'results', name: 'Results' },
  ...(store.lesson?.reviewing?.open ? [{ face: 'visits' as const, name: 'Visits' }] : []),
  ...(observations.onBoard.length > 0 ? [{ face: 'seen' as const, name: 'Noticed' }] : []),
  ...(words.value.length > 0 ? [{ face: 'words' as const, name: 'Words' }] : []),
])
/** What is shown follows the lesson, until somebody at the board chooses. */
const chosen = ref<Face | null>(null)
const face = computed<Face>(
  () =>
    (faces.value.some((one) => one.face === chosen.value) ? chosen.value : null) ??
    (store.open.reviewing?.open ? 'visits' : null) ??
    // Until the first dot lands, the clock is what the class looks at.
    (isOn.value && done.value === 0
      ? 'clock'
      : store.open.stage === 'wonder'
        ? 'wonder'
        : store.open.stage === 'plan' && done.value === 0
          ? 'cards'
          : 'results'),
)
const done = computed(() => store.progress.reduce((sum, one) => sum + one.done, 0))
const needed = computed(() => store.progress.reduce((sum, one) => sum + one.needed, 0))
const progressOf = (groupId: string) =>
  defined(store.progress[store.groups.findIndex(({ id }) => id === groupId)])
const crowded = computed(() => store.lesson !== null && store.groups.length > 6)
const { width } = useWindowSize()
/** A chart grows with the words around it (`--board-text`). */
const larger = computed(() => Math.max(1, 1 + (width.value - 1280) / 900))
const { picture } = usePicture()
/** Lessons whose results wait on this board until everybody has predicted. */
const heldBack = useLocalStorage<string[]>('jolly-beaker-held-back', [])
const predicted = computed(() => store.predictors.filter((one) => one.made).length)
const stillPredicting = computed(() => predicted.value < store.predictors.length)
const held = computed(() => stillPredicting.value && heldBack.value.includes(id.value))
function holdBack(on: boolean) {
  const others = heldBack.value.filter((one) => one !== id.value)
  heldBack.value = on ? [...others, id.value].slice(-100) : others
}
/** Whether nobody has anything left to read; then only the signs are still of use. */
const allIn = computed(() => needed.value > 0 && done.value === needed.value)
const footing = computed(() => {
  if (!store.lesson) return ''
  if (results.answer !== null || allIn.value) return results.said
  return `${done.value} of ${needed.value} ${picture.value ? 'readings' : 'tries'} are in.`
})
useHead({ title: () => `Board · ${store.lesson ? store.plan.title : ''}` })
</script>

<template>
  <VMain class="board">
    <template v-if="store.lesson && store.lesson.id === id">
      <header>
        <BoardQuestion :question="store.plan.question || store.plan.title" />
        <span v-if="lost" class="cut">connecting again…</span>
        <VBtnToggle :model-value="face" mandatory variant="text" color="secondary" class="faces">
          <VBtn
            v-for="one in faces"
            :key="one.face"
            :value="one.face"
            size="large"
            @click="chosen = one.face"
            >{{ one.name }}</VBtn
          >
        </VBtnToggle>
        <VBtn
          v-if="isSupported"
          :icon="mdiFullscreen"
          variant="text"
          size="large"
          aria-label="Fill the screen"
          @click="toggle"
        />
      </header>
      <LessonRemoved />
      <WonderBoard v-if="face === 'wonder'" />
      <VariablesBoard v-else-if="face === 'cards'" class="cards" large />
      <VisitsBoard v-else-if="face === 'visits'" />
      <SeenBoard v-else-if="face === 'seen'" />
      <WordsBoard v-else-if="face === 'words'" />
      <BoardClock v-else-if="face === 'clock'" />
      <template v-else>
        <div class="wall">
          <p v-if="held" class="waiting" role="status">
            Results come when everybody has predicted: {{ predicted }} of {{ store.predictors.length }} so
            far.
          </p>
          <LessonChart
            v-else-if="done > 0"
            :size="{
              text: 28 * larger,
              symbol: (crowded ? 18 : 26) * larger,
              summary: allIn,
            }"
          />
          <p v-else class="waiting">The first dot will land here.</p>
        </div>
        <ul class="groups" :class="{ crowded, over: allIn }" aria-label="How far each group is">
          <li
            v-for="group in store.testers"
            :key="group.id"
            :class="{ all: progressOf(group.id).done === progressOf(group.id).needed }"
          >
            <GroupEmblem :emblem="group.emblem" :size="allIn ? 32 : crowded ? 40 : 52" named name="" />
            <span
              ><b v-if="!allIn" class="number"
                >{{ progressOf(group.id).done }}<small>/{{ progressOf(group.id).needed }}</small></b
              ><span class="name">{{ group.name }}</span></span
            >
          </li>
        </ul>
        <BoardTurn />
        <NextBell face="board" :most="2" />
        <div class="below">
          <BoardFooting :said="held ? '' : footing" />
          <VBtn
            v-if="stillPredicting"
            variant="outlined"
            size="x-large"
            :aria-pressed="held"
            @click="holdBack(!held)"
            >{{ held ? 'Show results' : 'Hold results back' }}</VBtn
          >
        </div>
      </template>
      <BoardJoin v-if="done === 0" />
      <RaceStart />
      <ClockLine :with-time="face !== 'clock'" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.board {
  height: 100vh;
  display: flex;
  flex-direction: column;
  padding: 20px 34px 22px;
  gap: 12px;
  background: var(--paper);
}

header {
  display: flex;
  align-items: flex-start;
  gap: 20px;
}

/* Above the question, which keeps its room. */
.cut {
  position: absolute;
  top: 2px;
  left: 36px;
  font-size: var(--text-heading);
  color: var(--coral);
}

.cards {
  flex: 1;
  min-height: 0;
}

.faces,
.faces :deep(.v-btn),
.below .v-btn {
  height: auto;
  min-height: 1.7em;
  font-size: var(--board-text);
}

/* Close together, so that the question has its room. */
.faces :deep(.v-btn) {
  padding-inline: 9px;
  letter-spacing: 0;
}

.wall {
  flex: 1;
  min-height: 0;
}

.waiting {
  height: 100%;
  display: grid;
  place-content: center;
  font-size: var(--board-title);
  color: var(--ink-soft);
  border: 3px dashed var(--line);
  border-radius: var(--radius);
}

.groups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
  justify-content: space-between;
}

.groups.crowded {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 4px 8px;
}

.crowded li {
  padding-block: 0;
}

.crowded .name {
  line-height: 1;
}

.groups li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 2px 12px 2px 6px;
  border-radius: var(--radius);
  border: 2px solid transparent;
}

.groups li.all {
  border-color: var(--teal);
  background: var(--teal-wash);
}

.groups span {
  display: flex;
  flex-direction: column;
  line-height: 1.05;
}

.groups b {
  font-size: var(--board-title);
  font-weight: 600;
}

.groups small {
  font-size: var(--board-text);
  color: var(--ink-soft);
}

.name {
  font-size: var(--board-text);
}

.below {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 20px;
}
</style>
