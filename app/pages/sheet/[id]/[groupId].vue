<script setup lang="ts">
import { mdiEyeOutline } from '@mdi/js'
import { isAtStep, predictionSteps } from '#core/conclusion'
import { isDoneForAll, type Tester } from '#core/lesson'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { levelName } from '#core/plan'
import { slotKey } from '#core/entries'
import { wayOf } from '#core/recording'
import { ObserveDialog } from '~/components/sheet/lazyParts'
import { sheetEntries } from '~/components/sheet/sheetEntries'
import { useCautionCount } from '~/composables/useCautionCount'
import { useLiveLesson } from '~/composables/useLiveLesson'
import { useSheetGroup } from '~/composables/useSheetGroup'
import { useToWorkOut } from '~/composables/useToWorkOut'
import { useDues } from '~/composables/useDues'
import { useLesson } from '~/stores/lesson'
import { useEntryQueue } from '~/stores/sending/entryQueue'
import { useObservations } from '~/stores/observations'
import { useOutbox } from '~/stores/sending/outbox'
import { deleteDraftTexts } from '~/stores/sending/draftText'
import { waitingWords } from '~/words/waiting'

const route = useRoute()
const store = useLesson()
const queue = useEntryQueue()
const observations = useObservations()
const outbox = useOutbox()
const id = computed(() => String(route.params.id))
const groupId = computed(() => String(route.params.groupId))
const { lost } = useLiveLesson(id)
useSheetGroup(id, groupId, lost)
const practised = useLocalStorage<string[]>('jolly-beaker-practised', [])

const ready = computed(() => store.lesson?.id === id.value)
// Whoever has this tablet after the lesson begins anew.
watch(
  () => ready.value && (store.open.removed || !!store.open.clock?.ended),
  (over) => over && deleteDraftTexts(id.value),
)
const place = computed(() =>
  ready.value ? store.groups.findIndex((group) => group.id === groupId.value) : -1,
)
/** Where it is done once for all, groups predict and notice, and one device at the front reads for the class. */
const isForAll = computed(() => ready.value && isDoneForAll(store.plan))
const isClass = computed(() => isForAll.value && place.value === 0 && route.query.for === 'class')
const looksOn = computed(() => isForAll.value && !isClass.value)
const group = computed<Tester | null>(() => {
  if (!ready.value) return null
  return (isClass.value ? store.testers[0] : store.groups[place.value]) ?? null
})
const progress = computed(() =>
  ready.value ? (store.progress[isForAll.value ? 0 : place.value] ?? null) : null,
)
/** Who in this group predicts next; nobody once all have, or when the whole class predicts together. */
const predictsNext = computed(() =>
  store.plan.prediction.who === 'class' || isClass.value
    ? undefined
    : store.predictors.find((one) => one.groupId === groupId.value && !one.made),
)
/** Who predicts once more, now that something is known; nobody where the plan asks once. */
const againStep = computed(() => (ready.value ? predictionSteps(store.plan)[1] : undefined))
const predictsAgain = computed(() => {
  const step = againStep.value
  if (!step || !progress.value || isClass.value || store.plan.prediction.who === 'class') return undefined
  const { done, next } = progress.value
  if (!isAtStep(store.plan, step, { done, next })) return undefined
  return store.predictors.find(
    (one) => one.groupId === groupId.value && !one.again.some((made) => made.step === step),
  )
})
const hasPractised = computed(
  () => practised.value.includes(`${id.value}|${groupId.value}`) || (progress.value?.done ?? 0) > 0,
)
const cautionCount = useCautionCount(computed(() => ready.value && store.confirmed && !hasPractised.value))
const { dueOf } = useDues()
/** What this group does next by the clock, where readings go by minutes. */
const dueByClock = computed(() => (ready.value && place.value >= 0 ? dueOf(place.value) : null))
const typing = ref(false)
const due = shallowRef(dueByClock.value)
// Time goes on while a number is typed: it is written down where it was begun.
watch(
  [dueByClock, typing],
  ([next]) => {
    const now = due.value && store.slots.get(slotKey(due.value.slot))
    const isOpen = due.value?.kind === 'read' && !now?.counted && !now?.contested.length
    if (!typing.value || !isOpen) due.value = next
  },
  { immediate: true },
)
const byMinutes = computed(() => ready.value && wayOf(store.plan).readMinutes(store.plan) !== null)
const nextSlot = computed(() => (byMinutes.value ? due.value?.slot : progress.value?.next) ?? null)
const { first: worked, written, done: workedOut } = useToWorkOut(id, groupId, nextSlot)
const toWorkOut = computed(() => (ready.value ? worked.value : null))
const step = computed(() => {
  if (!group.value || !progress.value) return 'lost'
  if (store.open.removed) return 'away'
  if (progress.value.needed === 0) return 'nothing'
  if (predictsNext.value && progress.value.done === 0) return 'predict'
  if (predictsAgain.value && !typing.value) return 'again'
  if (looksOn.value) return progress.value.done < progress.value.needed ? 'together' : 'done'
  if (!store.confirmed) return 'wait'
  if (!hasPractised.value) {
    if (store.plan.practiceTries > 0 || cautionCount.value) return 'practise'
    if (cautionCount.value === null) return 'opening'
  }
  if (toWorkOut.value) return 'work'
  const { done, needed } = progress.value
  if (!nextSlot.value) return done < needed ? 'later' : 'done'
  return due.value?.kind ?? 'read'
})
function nameOf(levelId: string | null | undefined): string {
  const level = store.plan.levels.find((one) => one.id === levelId)
  return level ? levelName(store.plan, level) : ''
}
const nextLevel = computed(() => nameOf(nextSlot.value?.levelId))
const ofThis = ({ lessonId }: { lessonId: string }) => lessonId === id.value
const waitingHere = computed(
  () =>
    queue.waiting.filter(ofThis).length +
    (observations.offline ? observations.waiting.filter(ofThis).length : 0) +
    (outbox.offline ? outbox.waiting.filter(({ act }) => ofThis(act)).length : 0),
)
/** From the first try on there is something to notice beside it. */
const observing = ref(false)
/** From the first time on, so that what was begun there stays. */
const observed = ref(false)
const observingTitle = ref<string>()
function observe(title?: string) {
  observingTitle.value = title
  observing.value = observed.value = true
}
const canObserve = computed(() => ['start', 'read', 'work', 'later', 'together', 'done'].includes(step.value))
useHead({ title: () => (group.value ? `${group.value.name} · Sheet` : 'Sheet') })
</script>

<template>
  <VMain class="sheet">
    <template v-if="ready && group && progress">
      <header>
        <GroupEmblem class="wraps" :emblem="group.emblem" :size="34" named :name="group.name" />
        <span v-if="lost" class="small lost" role="status">connecting again…</span>
        <ReadAloud class="aloud" />
        <BellMute v-if="byMinutes" face="sheet" class="mute" />
        <span class="number" :aria-label="`${progress.done} of ${progress.needed} tries done`"
          >{{ progress.done }} / {{ progress.needed }}</span
        >
      </header>
      <VProgressLinear
        :model-value="progress.needed ? (100 * progress.done) / progress.needed : 0"
        color="primary"
        height="8"
        rounded
        aria-hidden="true"
      />
      <template v-if="store.open.clock"><SheetStep :group-index="place" /><RaceStart /></template>
      <SheetVisits v-if="!isClass && step !== 'away'" :group-id="groupId" />
      <template v-if="step === 'opening'" />
      <SheetPredict
        v-else-if="step === 'predict' && predictsNext"
        :key="predictsNext.seat"
        :group-id="groupId"
        :seat="predictsNext.seat"
      />
      <SheetPredict
        v-else-if="step === 'again' && predictsAgain && againStep"
        :key="`again ${predictsAgain.seat}`"
        :group-id="groupId"
        :seat="predictsAgain.seat"
        :step="againStep"
      />
      <SheetPractise
        v-else-if="step === 'practise'"
        @done="practised = [...practised.slice(-200), `${id}|${groupId}`]"
      />
      <SheetWorking
        v-else-if="step === 'work' && toWorkOut"
        :key="`worked ${slotKey(toWorkOut.slot)}`"
        :steps="toWorkOut.steps"
        :asked="toWorkOut.asked"
        :level="nameOf(toWorkOut.slot.levelId)"
        @done="workedOut(toWorkOut.slot)"
      />
      <SheetStart
        v-else-if="step === 'start' && nextSlot"
        :key="`start ${slotKey(nextSlot)}`"
        :slot-at="nextSlot"
        :level="nextLevel"
        :seconds="due?.seconds ?? null"
      />
      <component
        :is="sheetEntries[wayOf(store.plan).sheetEntry]"
        v-else-if="step === 'read' && nextSlot"
        :key="slotKey(nextSlot)"
        :slot-at="nextSlot"
        :level="nextLevel"
        @written="written"
        @typing="typing = $event"
        @observe="observe('What did you alter?')"
      />
      <SheetDone
        v-else-if="step === 'done'"
        :group-id="groupId"
        :read-by="isForAll ? store.groups[0]!.id : groupId"
      />
      <SheetLater v-else-if="step === 'later'" class="words" />
      <p v-else-if="step === 'wait'" class="words" role="status">
        Hands off the tray for a moment: your teacher is checking the cautions. Then this carries on by
        itself.
      </p>
      <p v-else-if="step === 'away'" class="words" role="status">
        Your teacher has put this lesson away. Nothing that is saved is lost.
      </p>
      <p v-else-if="step === 'together'" class="words">
        We do this together, at the front. Watch closely: what do you notice?
      </p>
      <p v-else class="words">There is nothing to read for this group.</p>
      <SheetRoles
        v-if="nextSlot && ['start', 'read'].includes(step)"
        :group-index="place"
        :slot-at="nextSlot"
      />
      <VBtn
        v-if="canObserve"
        class="besides"
        variant="tonal"
        color="secondary"
        size="large"
        block
        :prepend-icon="mdiEyeOutline"
        @click="observe()"
        >We noticed something</VBtn
      >
      <ObserveDialog
        v-if="observed"
        v-model="observing"
        source="sheet"
        :title="observingTitle"
        :group-id="groupId"
        :place="nextSlot"
      />
      <RefusedActs source="sheet" class="besides" />
      <RefusedEntries source="sheet" class="besides" />
      <RefusedObservations source="sheet" class="besides" />
      <p v-if="waitingHere" class="small soft foot" role="status">
        {{ waitingHere }}
        {{ queue.held.has(id) ? 'kept here until your teacher has looked at the cautions' : waitingWords() }}.
      </p>
    </template>
    <template v-else-if="ready"
      ><p class="words">This group is no longer in the class.</p>
      <VBtn :to="`/sheet/${id}`" color="primary">Choose your group</VBtn></template
    >
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.sheet {
  padding: 14px 18px 24px;
  max-width: 640px;
  width: 100%;
  margin: 0 auto;
}

header .aloud {
  margin-left: auto;
}

header .number {
  white-space: nowrap;
}

.lost {
  color: var(--coral);
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  font: 600 var(--text-heading) var(--heading);
  padding-bottom: 10px;
}

.words {
  font: 500 var(--text-heading)/1.4 var(--heading);
  margin: 30px 0;
}

.besides,
.foot {
  margin-top: 18px;
}
</style>
