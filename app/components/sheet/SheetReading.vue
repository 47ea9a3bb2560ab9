<script setup lang="ts">
import { mdiDraw } from '@mdi/js'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { firstOf } from '#core/defined'
import { isUpright } from '#core/instrument'
import { orderedLevels } from '#core/plan'
import { convertUnit, parseQuantity, printNumber, unitDefinition } from '#core/quantity'
import { slotKey, type Given, type Slot } from '#core/entries'
import {
  alteredField,
  alteredLetters,
  answerTo,
  contextOf,
  startOf,
  timedReading,
  wayOf,
  type EntryValidation,
} from '#core/recording'
import { useDraftText } from '~/composables/useDraftText'
import { useReadNow } from '~/composables/useReadNow'
import { valueFields, readTimeFields, useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'

/** One try: one sentence, one picture of the instrument, one number, one button. */
const props = defineProps<{ slotAt: Slot; level: string }>()
/** `observe`: what was altered is to be drawn, on a dialog that stays when another device fills this slot. */
const emit = defineEmits<{ written: [slot: Slot]; observe: []; typing: [on: boolean] }>()
const store = useLesson()
const recorder = useRecorder('sheet')
const placeOf = (what: string) => `${store.open.id}|${slotKey(props.slotAt)}|${what}`
const typed = useDraftText(() => placeOf('number'))
const note = useDraftText(() => placeOf('note'))
// A number typed before the page was reloaded is still being typed.
onMounted(() => typed.value !== '' && emit('typing', true))
watch(
  () => typed.value !== '',
  (on) => emit('typing', on),
)
onBeforeUnmount(() => emit('typing', false))
const altered = useDraftText(() => placeOf('altered'))
const observations = useObservations()
const sketches = computed(() => observations.at(props.slotAt).length)
/** What is asked before the number is written down. */
const asked = ref<Exclude<EntryValidation, { state: 'empty' }> | null>(null)
const empty = ref(false)
const box = ref<HTMLInputElement | null>(null)
const way = computed(() => wayOf(store.plan))
/** The plan as it is read here: with the instrument of this moment. */
const here = computed(() => way.value.planAt(store.plan, props.slotAt.moment))
const field = computed(() => firstOf(way.value.fields(here.value)))
const unit = computed(() => field.value.unit)
/** Whether what was altered is asked for; the first of all is as it was built. */
const keepsAltered = computed(() => way.value.extraFields.includes(alteredField))
const asksAltered = computed(
  () => keepsAltered.value && orderedLevels(store.plan)[0]?.id !== props.slotAt.levelId,
)

/** What lies or is written along fills the width; what stands or is round has the number beside it. */
const stands = computed(() => isUpright(here.value.measured.instrument))
const seconds = computed(() => way.value.seconds(store.plan))
/** A time is taken on this device; what was taken elsewhere is typed. */
const isTimed = computed(
  () => seconds.value === null && unitDefinition(here.value.measured.instrument.unit).dimension === 'time',
)
function offer(taken: number) {
  typed.value = timedReading(field.value, taken).typed
  forget()
}
const { times, readNow } = useReadNow()
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
  recorder.startOver(startOf(props.slotAt), readTimeFields(now, now), 'started late or early')
}
const symbol = computed(() => unitDefinition(unit.value).symbol)
/** What is typed, as the way of recording reads it in this slot. */
const checked = computed(() =>
  way.value.check(store.plan, typed.value, contextOf(store.plan, store.counted, props.slotAt)),
)
/** Its number; null while it is none. */
const read = computed(() =>
  checked.value.state === 'value' && typeof checked.value.value === 'number' ? checked.value.value : null,
)
const pointer = computed(() =>
  read.value === null ? null : convertUnit(read.value, unit.value, here.value.measured.instrument.unit),
)
const seen = computed(() => (read.value === null ? {} : valueFields(typed.value.trim(), 'typed', read.value)))
/** What was typed in another unit than the one that is written down, beside what that is: "5 in is 12.7 cm". */
const converted = computed(() => {
  const text = typed.value.trim()
  const quantity = parseQuantity(text, unit.value, field.value.mark)
  const isOther = quantity.ok && quantity.typedUnit !== null && quantity.typedUnit !== unit.value
  return isOther && read.value !== null ? `${text} is ${shown(quantity.value)}` : ''
})
const hint = computed(() => (asked.value?.state === 'value' ? firstOf(asked.value.hints) : null))

/** Writes the number down, unless there is something to ask first; writing the same once more keeps it. */
function write() {
  const answer = answerTo(checked.value, asked.value?.state === 'value')
  forget()
  if (answer.does === 'nothing') empty.value = true
  else if (answer.does === 'ask') asked.value = answer.about
  else keep(answer.value)
}

function keep(value: number | string, given: Given = 'typed') {
  const text = altered.value.trim()
  recorder.record(
    props.slotAt,
    {
      ...valueFields(typed.value.trim(), given, value),
      ...(text === '' ? {} : { [alteredField]: { typed: text, given: 'typed', value: text } }),
      ...readNow(props.slotAt),
    },
    note.value.trim(),
  )
  for (const field of [typed, note, altered]) field.value = ''
  emit('written', props.slotAt)
}

/** A value on the marks that are read, or with the digits that it has. */
const shown = (value: number) => {
  const text = printNumber(value, field.value.mark, 0, unit.value)
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
</script>

<template>
  <SheetTry
    v-model:note="note"
    :slot-at="slotAt"
    :level="level"
    :seen="seen"
    @write="write"
    @spoilt="typed = ''"
  >
    <SheetClock v-if="start !== null" :slot-at="slotAt" />
    <SheetCountdown v-if="seconds !== null" :key="slotKey(slotAt)" :seconds="seconds" />
    <StopwatchPanel
      v-if="isTimed"
      :key="`watch ${slotKey(slotAt)}`"
      :timed="slotKey(slotAt)"
      :field="field"
      @taken="offer"
    />
    <SheetCounter v-if="field.whole" v-model="typed" @update:model-value="forget" />
    <div class="reading" :class="{ beside: stands && !isTimed }">
      <InstrumentDrawing
        v-if="!isTimed"
        :instrument="here.measured.instrument"
        :across="350"
        :upright="320"
        :pointer="pointer"
        class="scale"
      />
      <label class="entry">
        <span
          >{{ field.label }}<small v-if="field.help && !keepsAltered">, {{ field.help }}</small></span
        >
        <span class="large-field"
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
        <small v-if="converted" role="status">{{ converted }}</small>
      </label>
    </div>
    <template v-if="asksAltered">
      <SheetLine
        v-model="altered"
        label="What did you alter before this round?"
        :maxlength="alteredLetters"
      />
      <VBtn variant="outlined" size="large" :prepend-icon="mdiDraw" @click="emit('observe')">{{
        sketches > 0 ? 'One more sketch or photo of it' : 'Sketch it or take a photo'
      }}</VBtn>
    </template>
    <template #told>
      <p v-if="empty" class="said-of-answer" role="alert">Type your number first.</p>
      <p v-else-if="asked?.state === 'unreadable'" class="said-of-answer" role="alert">{{ asked.message }}</p>
      <div v-else-if="asked?.state === 'two-ways'" class="said-of-answer">
        <QuantityChoice :readings="asked.readings" large @choose="keep($event, 'chosen')" />
      </div>
      <div v-else-if="hint && asked?.state === 'value'" class="said-of-answer" role="alert">
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
    </template>
    <template #acts>
      <VBtn v-if="startsHere" variant="text" size="large" @click="beginAgain">It only started now</VBtn>
    </template>
  </SheetTry>
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
  font-size: var(--text-lead);
}
</style>
