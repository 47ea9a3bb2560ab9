<script setup lang="ts">
import { computed } from 'vue'
import { timesLimits, type ClassStep, type PlanTimes } from '#core/plan'
import { usesInstrument, wayOf } from '#core/recording'
import { minutesWords, trySeconds } from '#core/timetable'
import { useFits } from '../../../stores/fits'
import { useLesson } from '../../../stores/lesson'

/** How long everything takes, in two sentences whose times can be typed over. */
const store = useLesson()
const fits = useFits()
const times = computed(() => store.plan.times)
const minutes = computed(() => fits.fits?.minutes ?? null)
const seconds = computed(() =>
  trySeconds(store.plan, store.plan.levels[0]?.id ?? '', store.open.class.ageBand),
)
const steps: { step: ClassStep; label: string; after: string }[] = [
  { step: 'talk', label: 'Minutes to talk', after: 'to talk' },
  { step: 'predict', label: 'Minutes to predict', after: 'to predict' },
  { step: 'handOut', label: 'Minutes to hand out', after: 'to hand out' },
  { step: 'clear', label: 'Minutes to clear away', after: 'to clear away' },
  { step: 'share', label: 'Minutes to share what was found', after: 'to share' },
]
const timed = computed(() => wayOf(store.plan).readAt(store.plan) === null)
const runs = computed(() => Object.keys(times.value.runAt ?? {}).length)

function set(changes: { [Name in keyof PlanTimes]?: PlanTimes[Name] | null }, key: string) {
  store.editPlan((plan) => {
    const all: Record<string, unknown> = { ...plan.times, ...changes }
    const kept = Object.fromEntries(
      Object.entries(all).filter(([, value]) => value !== null && value !== undefined),
    )
    return { ...plan, times: kept as PlanTimes }
  }, `times ${key}`)
}
const setRun = (run: number | null) => set({ run, runAt: null }, 'run')
</script>

<template>
  <div v-if="minutes" class="sentences">
    <p>
      The lesson has
      <TimeWord
        :model-value="times.lesson ?? null"
        label="Minutes of the lesson"
        :text="`${minutes.lesson} min`"
        unit="min"
        :most="timesLimits.lesson"
        :chosen="times.lesson !== undefined"
        @update:model-value="set({ lesson: $event }, 'lesson')"
      /><template v-for="{ step, label, after } in steps" :key="step"
        >,
        <TimeWord
          :model-value="times[step] ?? null"
          :label="label"
          :text="`${minutes[step]} min`"
          unit="min"
          :most="timesLimits.step"
          :chosen="times[step] !== undefined"
          @update:model-value="set({ [step]: $event }, step)"
        />
        {{ after }}</template
      ><template v-if="(times.lessons ?? 1) > 1"
        >, in
        <button type="button" class="lessons" @click="set({ lessons: null }, 'lessons')">
          {{ times.lessons }} lessons (make it one)
        </button></template
      >.
    </p>
    <p>
      {{ timed ? 'One try takes' : 'One container takes' }}
      <TimeWord
        :model-value="times.setUp ?? null"
        label="Seconds to set up"
        :text="minutesWords(seconds.setUp)"
        unit="s"
        :most="timesLimits.seconds"
        :chosen="times.setUp !== undefined"
        @update:model-value="set({ setUp: $event }, 'setUp')"
      />
      to set up<template v-if="timed"
        >,
        <TimeWord
          :model-value="times.run ?? null"
          label="Seconds until it can be read"
          :text="runs ? 'as long as each level says' : minutesWords(seconds.run)"
          unit="s"
          :most="timesLimits.seconds"
          :chosen="times.run !== undefined || runs > 0"
          @update:model-value="setRun($event)"
        />
        until it can be read</template
      ><template v-if="usesInstrument(store.plan)"
        >, {{ minutesWords(store.plan.measured.instrument.secondsPerReading) }} to read</template
      >
      and
      <TimeWord
        :model-value="times.reset ?? null"
        label="Seconds to clear for the next"
        :text="minutesWords(seconds.reset)"
        unit="s"
        :most="timesLimits.seconds"
        :chosen="times.reset !== undefined"
        @update:model-value="set({ reset: $event }, 'reset')"
      />
      to clear for the next.
    </p>
  </div>
</template>

<style scoped>
.sentences {
  font-size: var(--text-lead);
  line-height: 1.7;
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
