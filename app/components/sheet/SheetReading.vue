<script setup lang="ts">
import { computed, ref } from 'vue'
import { isUpright } from '#core/instrument'
import { convertUnit, printNumber, unitDefinition } from '#core/quantity'
import { setAsideReasons, slotKey, type Given, type Slot } from '#core/record'
import {
  atField,
  minutesLimits,
  plannedAt,
  contextOf,
  countedOf,
  startOf,
  wayOf,
  type CheckedEntry,
} from '#core/recording'
import { oneNumber, readAt, useRecorder } from '../../composables/useRecorder'
import { clockWords, useRunningTimes } from '../../composables/useRunningTimes'
import { useLesson } from '../../stores/lesson'
import { today } from '../../words/dates'

/** One try: one sentence, one picture of the instrument, one number, one button. */
const props = defineProps<{ slotAt: Slot; level: string }>()
const emit = defineEmits<{ written: [slot: Slot] }>()
const store = useLesson()
const recorder = useRecorder('sheet')
const typed = ref('')
/** What is asked before the number is written down. */
const asked = ref<Exclude<CheckedEntry, { state: 'empty' }> | null>(null)
const empty = ref(false)
const wrong = ref(false)
const box = ref<HTMLInputElement | null>(null)
const repeat = computed(() => (store.slots.get(slotKey(props.slotAt))?.setAside.length ?? 0) > 0)
const way = computed(() => wayOf(store.plan))
const field = computed(() => way.value.fields(store.plan)[0]!)
const unit = computed(() => field.value.unit)
/** What lies or is written along fills the width; what stands or is round has the number beside it. */
const stands = computed(() => isUpright(store.plan.measured.instrument))
const seconds = computed(() => way.value.seconds(store.plan))
const times = useRunningTimes()
const start = computed(() => times.startedAt(props.slotAt))
/** Until its first reading a container may be started once more, in place of a press that came too early. */
const startsHere = computed(
  () =>
    start.value !== null &&
    way.value.columns(store.plan).find((column) => column.tryNumber === props.slotAt.tryNumber)?.moment ===
      props.slotAt.moment,
)
function beginAgain() {
  const now = new Date(times.read()).toISOString()
  recorder.startOver(startOf(props.slotAt), readAt(now, now), 'started late or early')
}
const whichTry = computed(() => {
  const { moment, tryNumber } = props.slotAt
  const column = way.value
    .columns(store.plan)
    .find((one) => one.tryNumber === tryNumber && one.moment === moment)
  if (column?.once) return column.head
  const tried = `try ${tryNumber} of ${store.plan.tries}`
  if (moment === '') return tried
  return store.plan.tries > 1 ? `${moment}, ${tried}` : moment
})
const note = ref('')
const noting = ref(false)
const symbol = computed(() => unitDefinition(unit.value).symbol)
/** What is typed, as the way of recording reads it, by itself; null while that is no value. */
const read = computed(() => {
  const entry = way.value.check(store.plan, typed.value, null)
  return entry.state === 'value' ? entry.value : null
})
const pointer = computed(() =>
  read.value === null ? null : convertUnit(read.value, unit.value, store.plan.measured.instrument.unit),
)
const hint = computed(() => (asked.value?.state === 'value' ? asked.value.hints[0]! : null))
const reasons = setAsideReasons.filter(
  (reason) => reason !== 'something else' && reason !== 'typed by mistake',
)

/** Writes the number down, unless there is something to ask first; writing the same once more keeps it. */
function write() {
  if (asked.value?.state === 'value') return keep(asked.value.value)
  const entry = way.value.check(store.plan, typed.value, contextOf(store.plan, store.entries, props.slotAt))
  forget()
  if (entry.state === 'empty') empty.value = true
  else if (entry.state !== 'value' || entry.hints.length > 0) asked.value = entry
  else keep(entry.value)
}

/** The time at which it is really read, where the way of recording keeps it. */
function readNow() {
  if (!way.value.also.includes(atField)) return {}
  if (way.value.dueOn(store.plan, store.days, today()) !== null) return readAt(today(), today())
  if (start.value === null) return {}
  const seconds = (times.read() - start.value) / 1000
  // Started so long ago that it is no time of this reading: it stands at its planned minute.
  if (seconds > minutesLimits.greatest * 60) return {}
  const time = clockWords(seconds)
  return readAt(time, plannedAt(props.slotAt.moment) ?? 0)
}

function keep(value: number, given: Given = 'typed') {
  recorder.record(
    props.slotAt,
    { ...oneNumber(typed.value.trim(), given, value), ...readNow() },
    note.value.trim(),
  )
  emit('written', props.slotAt)
}

/** A value on the marks that are read, or with the digits that it has. */
const shown = (value: number) => {
  const text = printNumber(value, field.value.mark)
  return `${Number(text) === value ? text : Number(value.toPrecision(4))} ${symbol.value}`.trim()
}

function forget() {
  asked.value = null
  empty.value = false
}

function lookAgain() {
  forget()
  box.value?.select()
}

/** A spoilt try is noted with what was read, if anything was, and the same try comes again. */
function spoilt(reason: string) {
  const seen = read.value === null ? {} : oneNumber(typed.value.trim(), 'typed', read.value)
  // What was only read wrongly is read once more; what broke or was pushed is begun anew.
  if (reason !== 'read wrongly')
    for (const one of way.value.spoiltWith(store.plan, countedOf(store.entries), props.slotAt))
      recorder.setAside(one, reason)
  recorder.noteSpoilt(props.slotAt, reason, seen)
  typed.value = ''
  wrong.value = false
}
</script>

<template>
  <section v-if="wrong" class="step">
    <h1>What went wrong?</h1>
    <VBtn
      v-for="reason in reasons"
      :key="reason"
      variant="outlined"
      size="x-large"
      block
      @click="spoilt(reason)"
      >{{ reason }}</VBtn
    >
    <VBtn variant="text" size="large" block @click="wrong = false">Nothing, go back</VBtn>
  </section>
  <form v-else class="step" @submit.prevent="write">
    <h1>
      <b>{{ level }}</b>, {{ repeat ? 'once more, ' : '' }}{{ whichTry }}
    </h1>
    <SheetClock v-if="start !== null" :slot-at="slotAt" />
    <SheetCountdown v-if="seconds !== null" :key="slotKey(slotAt)" :seconds="seconds" />
    <div class="reading" :class="{ beside: stands }">
      <InstrumentDrawing
        :instrument="store.plan.measured.instrument"
        :across="350"
        :upright="320"
        :pointer="pointer"
        class="scale"
      />
      <label class="entry">
        <span
          >{{ field.label }}<small v-if="field.help">, {{ field.help }}</small></span
        >
        <span class="box"
          ><input
            ref="box"
            v-model="typed"
            :inputmode="field.whole ? 'numeric' : 'decimal'"
            autocomplete="off"
            maxlength="40"
            autofocus
            @input="forget"
          /><b>{{ symbol }}</b></span
        >
      </label>
    </div>
    <VTextField
      v-if="noting"
      v-model="note"
      label="What about this try? It counts all the same."
      :maxlength="160"
      autofocus
      hide-details
    />
    <p v-if="empty" class="told" role="alert">Type your number first.</p>
    <p v-else-if="asked?.state === 'unreadable'" class="told" role="alert">{{ asked.message }}</p>
    <div v-else-if="asked?.state === 'two-ways'" class="told">
      <QuantityChoice :readings="asked.readings" large @choose="keep($event, 'chosen')" />
    </div>
    <div v-else-if="hint && asked?.state === 'value'" class="told" role="alert">
      <p>{{ hint.message }}</p>
      <VBtn size="large" variant="flat" color="primary" block @click="lookAgain">Look again</VBtn>
      <VBtn
        v-if="hint.suggestion !== null"
        size="large"
        variant="outlined"
        block
        @click="keep(hint.suggestion, 'suggested')"
        >It is {{ shown(hint.suggestion) }}</VBtn
      >
      <VBtn size="large" variant="outlined" block @click="keep(asked.value)">Keep {{ typed }}</VBtn>
    </div>
    <VBtn v-if="!hint && asked?.state !== 'two-ways'" type="submit" color="primary" size="x-large" block
      >Write it down</VBtn
    >
    <div class="acts">
      <VBtn v-if="startsHere" variant="text" size="large" @click="beginAgain">It began only now</VBtn>
      <VBtn v-if="!noting" variant="text" size="large" @click="noting = true">Add a note</VBtn>
      <VBtn variant="text" size="large" @click="wrong = true">Something went wrong</VBtn>
    </div>
  </form>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
}

.reading.beside {
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
}

.scale {
  max-width: 100%;
}

.reading:not(.beside) .scale {
  width: 100%;
  height: auto;
}

.entry {
  display: flex;
  flex-direction: column;
  gap: 6px;
  font-size: 1.15rem;
}

.box {
  display: flex;
  align-items: center;
  gap: 12px;
  font: 600 1.8rem var(--heading);
}

input {
  flex: 1;
  min-width: 0;
  font: 600 2.4rem var(--heading);
  text-align: center;
  border: 3px solid var(--ink);
  border-radius: var(--radius);
  padding: 10px;
  background: #fff;
  color: var(--ink);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
}

.told {
  background: var(--marigold-wash);
  border-radius: var(--radius);
  padding: 14px;
  font-size: 1.15rem;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
