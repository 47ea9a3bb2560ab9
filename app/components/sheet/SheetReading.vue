<script setup lang="ts">
import { mdiDraw } from '@mdi/js'
import { useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { isUpright } from '#core/instrument'
import { orderedLevels } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { slotKey, type Slot } from '#core/entries'
import { alteredField, alteredLetters, startOf, wayOf } from '#core/recording'
import { useDraftText } from '~/composables/useDraftText'
import { useReadNow } from '~/composables/useReadNow'
import { useTypedReading } from '~/composables/useTypedReading'
import { readTimeFields, useRecorder } from '~/composables/useRecorder'
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
const box = ref<HTMLInputElement | null>(null)
/** Chosen once for this device: not every child finds the digits on its keyboard. */
const withPad = useLocalStorage('jolly-beaker-number-pad', false)
const way = computed(() => wayOf(store.plan))
const {
  here,
  field,
  symbol,
  asked,
  isEmpty,
  hint,
  pointer,
  seen,
  converted,
  shown,
  write,
  keep,
  offer,
  forget,
} = useTypedReading(
  () => props.slotAt,
  { number: typed, note, altered },
  (slot) => emit('written', slot),
)
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
const { times } = useReadNow()
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
            :inputmode="withPad ? 'none' : field.whole ? 'numeric' : 'decimal'"
            autocomplete="off"
            maxlength="40"
            autofocus
            @input="forget"
          /><b>{{ symbol }}</b></span
        >
        <small v-if="converted" role="status">{{ converted }}</small>
      </label>
    </div>
    <NumberPad v-if="withPad" v-model="typed" :field="field" @pressed="forget" />
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
      <p v-if="isEmpty" class="said-of-answer" role="alert">Type your number first.</p>
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
      <VBtn variant="text" size="large" :aria-pressed="withPad" @click="withPad = !withPad">{{
        withPad ? 'Hide the number pad' : 'Number pad'
      }}</VBtn>
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
