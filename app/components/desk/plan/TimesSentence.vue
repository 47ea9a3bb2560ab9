<script setup lang="ts">
import { computed } from 'vue'
import { holds, timesLimits, type ClassStep, type Hold, type PlanTimes } from '#core/plan'
import { isInRounds, usesInstrument, wayOf } from '#core/recording'
import {
  adultsOf,
  buildMinutes,
  canHold,
  handsPace,
  holdOf,
  minutesWords,
  paceWords,
  secondsFor,
  trySeconds,
  waitsForAdult,
} from '#core/timetable'
import { useFits } from '~/stores/fits'
import { useLesson } from '~/stores/lesson'

/** How long everything takes, in two sentences whose times can be typed over. */
const store = useLesson()
const fits = useFits()
const times = computed(() => store.plan.times)

/** A time of the plan that can be said: what it is called, how it stands in the sentence, and what follows it. */
interface SaidTime {
  name: 'lesson' | ClassStep | 'build' | 'setUp' | 'run' | 'reset'
  label: string
  text: string
  unit: 'min' | 's'
  most: number
  before: string
  after: string
}

const classSentence = computed<SaidTime[]>(() => {
  const minutes = fits.fits?.minutes
  if (!minutes) return []
  const said: [SaidTime['name'] & keyof typeof minutes, string, string, string][] = [
    ['lesson', 'Minutes of the lesson', 'The lesson has', ''],
    ['talk', 'Minutes to talk', ',', 'to talk'],
    ['predict', 'Minutes to predict', ',', 'to predict'],
    ['handOut', 'Minutes to hand out', ',', 'to hand out'],
    ['clear', 'Minutes to clear away', ',', 'to clear away'],
    ['share', 'Minutes to share what was found', ',', 'to share'],
  ]
  return said.map(([name, label, before, after]) => ({
    ...{ name, label, before, after, text: `${minutes[name]} min`, unit: 'min' },
    most: name === 'lesson' ? timesLimits.lesson : timesLimits.step,
  }))
})

const trySentence = computed<SaidTime[]>(() => {
  const { setUp, run, reset } = trySeconds(store.plan, store.plan.levels[0]?.id ?? '', store.timeContext)
  const byLevel = store.plan.levels.some(({ id }) => times.value.runAt?.[id] !== undefined)
  const inTries = wayOf(store.plan).readMinutes(store.plan) === null
  const read = usesInstrument(store.plan)
    ? `, ${minutesWords(secondsFor(store.timeContext, store.plan.measured.instrument.secondsPerReading))} to read`
    : ''
  const of = { unit: 's', most: timesLimits.seconds } as const
  const building = buildMinutes(store.plan, store.timeContext)
  return [
    ...(isInRounds(store.plan)
      ? [
          {
            ...{ name: 'build' as const, label: 'Minutes to build a round', text: `${building} min` },
            ...{ unit: 'min' as const, most: timesLimits.step },
            ...{ before: 'A round takes', after: 'to build or alter' },
          },
        ]
      : []),
    {
      ...{ ...of, name: 'setUp', label: 'Seconds to set up', text: minutesWords(setUp) },
      ...{
        before: isInRounds(store.plan) ? ', a try of it' : inTries ? 'One try takes' : 'One container takes',
        after: `to set up${inTries ? '' : read}`,
      },
    },
    ...(inTries
      ? [
          {
            ...{ ...of, name: 'run' as const, label: 'Seconds until it can be read', before: ',' },
            text: byLevel ? 'as long as each level says' : minutesWords(run),
            after: `until it can be read${read}`,
          },
        ]
      : []),
    {
      ...{ ...of, name: 'reset', label: 'Seconds to clear for the next', text: minutesWords(reset) },
      ...{ before: ' and', after: 'to clear for the next' },
    },
  ]
})

const holdWords: Record<Hold, string> = {
  reading: 'only while it reads',
  try: 'for a whole try',
  group: 'for its whole test',
}
const instrument = computed(() => store.plan.measured.instrument.name)
/** Where each group has one of its own, nobody asks how long it is kept. */
const isShared = computed(
  () =>
    canHold(store.plan) &&
    (store.plan.times.hold !== undefined ||
      (fits.fits?.parts[0]?.owned.get(instrument.value) ?? Infinity) < store.groups.length),
)
const ages = computed(() => `${store.open.class.ageBand.replace('-', '- to ')}-year-olds`)
const needsAdult = computed(() => waitsForAdult(store.plan, store.open.class.ageBand))
const pace = computed(() => handsPace(store.timeContext))
/** A pace is no question where every time that it makes longer has been typed. */
const saysPace = computed(
  () =>
    pace.value !== 1 &&
    (usesInstrument(store.plan) || times.value.setUp === undefined || times.value.reset === undefined),
)
const adultWords = Array.from({ length: 6 }, (_, at) => at + 1)
const choose = (changes: Partial<PlanTimes>) =>
  store.editPlan((plan) => ({ ...plan, times: { ...plan.times, ...changes } }))

const isSaid = ({ name }: SaidTime) =>
  times.value[name] !== undefined || (name === 'run' && times.value.runAt !== undefined)

/** A time that is emptied is estimated again; one for all levels stands in place of each level's own. */
function say(name: keyof PlanTimes, value: number | null) {
  store.editPlan((plan) => {
    const times: PlanTimes = { ...plan.times }
    delete times[name]
    if (name === 'run') delete times.runAt
    return { ...plan, times: value === null ? times : { ...times, [name]: value } }
  }, `times ${name}`)
}
</script>

<template>
  <div class="sentences">
    <p v-for="(sentence, index) in [classSentence, trySentence]" :key="index">
      <template v-for="one in sentence" :key="one.name"
        >{{ one.before }}
        <TimeWord
          :model-value="times[one.name] ?? null"
          :label="one.label"
          :text="one.text"
          :unit="one.unit"
          :most="one.most"
          :chosen="isSaid(one)"
          @update:model-value="say(one.name, $event)"
        />{{ one.after && ` ${one.after}` }}</template
      >.
      <button
        v-if="index === 0 && (times.lessons ?? 1) > 1"
        type="button"
        class="lessons"
        @click="say('lessons', null)"
      >
        It takes {{ times.lessons }} lessons: make it one
      </button>
    </p>
    <p v-if="isShared || needsAdult || saysPace">
      <template v-if="saysPace"
        >{{ ages }} take {{ paceWords(pace) }} to set up and to read. The times allow for that.
      </template>
      <template v-if="isShared"
        >A group keeps the {{ instrument }}
        <select
          class="word"
          :aria-label="`How long a group keeps the ${instrument}`"
          :value="holdOf(store.plan)"
          @change="choose({ hold: ($event.target as HTMLSelectElement).value as Hold })"
        >
          <option v-for="hold in holds" :key="hold" :value="hold">{{ holdWords[hold] }}</option></select
        >. </template
      ><template v-if="needsAdult"
        ><select
          class="word"
          aria-label="How many adults there are"
          :value="adultsOf(store.plan)"
          @change="choose({ adults: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="count in adultWords" :key="count" :value="count">
            {{ count === 1 ? 'One adult' : `${count} adults` }}
          </option></select
        >{{ adultsOf(store.plan) === 1 ? ' is' : ' are' }} there for what only adults do.</template
      >
    </p>
  </div>
</template>

<style scoped>
.sentences {
  font-size: var(--text-lead);
  line-height: 1.7;
}

.word {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-radius: 4px;
  padding: 2px;
  min-height: 28px;
  cursor: pointer;
  text-decoration: underline dotted 1.5px var(--ink-soft);
  text-underline-offset: 0.24em;
}

.word:focus-visible {
  outline: 3px solid var(--teal);
  outline-offset: 2px;
}

.lessons {
  font: inherit;
  background: none;
  border: 0;
  color: inherit;
  text-decoration: underline dotted 1.5px var(--ink-soft);
  cursor: pointer;
}
</style>
