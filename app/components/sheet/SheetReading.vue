<script setup lang="ts">
import { computed, ref } from 'vue'
import { recordingWords } from '#core/plan'
import { parseQuantity, unitDefinition, convertUnit } from '#core/quantity'
import { checkEntry, setAsideReasons, slotKey, type EntryHint, type Slot } from '#core/record'
import { useRecorder } from '../../composables/useRecorder'
import { useLesson } from '../../stores/lesson'

/** One try: one sentence, one picture of the instrument, one number, one button. */
const props = defineProps<{ slotAt: Slot; level: string }>()
const store = useLesson()
const recorder = useRecorder('sheet')
const typed = ref('')
const message = ref<string | null>(null)
const hint = ref<(EntryHint & { value: number }) | null>(null)
const wrong = ref(false)
const repeat = computed(() => (store.slots.get(slotKey(props.slotAt))?.setAside.length ?? 0) > 0)
const unit = computed(() => store.plan.measured.unit)
const oneReading = computed(() =>
  store.plan.recording.kind === 'measure' ? '' : recordingWords(store.plan.recording.kind).oneReading,
)
const symbol = computed(() => unitDefinition(unit.value).symbol)
const pointer = computed(() => {
  const parsed = parseQuantity(typed.value, unit.value)
  return parsed.ok ? convertUnit(parsed.value, unit.value, store.plan.measured.instrument.unit) : null
})
const reasons = setAsideReasons.filter(
  (reason) => reason !== 'something else' && reason !== 'typed by mistake',
)

function others(): number[] {
  return [...store.slots.values()].flatMap(({ counted }) =>
    counted?.levelId === props.slotAt.levelId && counted.value !== null ? [counted.value] : [],
  )
}

function write() {
  const entry = checkEntry(typed.value, store.plan, others())
  hint.value = null
  message.value = null
  if (entry.state === 'empty') message.value = 'Type your number first.'
  else if (entry.state === 'unreadable') message.value = entry.message
  else if (entry.hints.length > 0) hint.value = { ...entry.hints[0]!, value: entry.value }
  else recorder.record(props.slotAt, entry.value, typed.value.trim())
}

function keep(value: number) {
  recorder.record(props.slotAt, value, value === hint.value?.value ? typed.value.trim() : String(value))
}

/** A spoilt try is noted with what was read, if anything was, and the same try comes again. */
function spoilt(reason: string) {
  const parsed = parseQuantity(typed.value, unit.value)
  if (parsed.ok) {
    recorder.record(props.slotAt, parsed.value, typed.value.trim())
    recorder.setAside(props.slotAt, reason)
  } else recorder.noteSpoilt(props.slotAt, reason)
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
      <b>{{ level }}</b>, {{ repeat ? 'once more, ' : '' }}try {{ slotAt.tryNumber }} of
      {{ store.plan.tries }}
    </h1>
    <InstrumentScale
      :instrument="store.plan.measured.instrument"
      :width="350"
      :pointer="pointer"
      class="scale"
    />
    <label class="entry">
      <span
        >{{ store.plan.measured.name }}<small v-if="oneReading">, {{ oneReading }}</small></span
      >
      <span class="box"
        ><input
          v-model="typed"
          inputmode="decimal"
          autocomplete="off"
          maxlength="40"
          autofocus
          @input="((hint = null), (message = null))"
        /><b>{{ symbol }}</b></span
      >
    </label>
    <p v-if="message" class="told" role="alert">{{ message }}</p>
    <div v-if="hint" class="told" role="alert">
      <p>{{ hint.message }}</p>
      <VBtn
        v-if="hint.suggestion !== null"
        size="large"
        variant="flat"
        color="primary"
        block
        @click="keep(hint.suggestion)"
        >It is {{ hint.suggestion }} {{ symbol }}</VBtn
      >
      <VBtn size="large" variant="outlined" block @click="keep(hint.value)">Keep {{ typed }}</VBtn>
    </div>
    <VBtn v-if="!hint" type="submit" color="primary" size="x-large" block>Write it down</VBtn>
    <VBtn variant="text" size="large" block @click="wrong = true">Something went wrong</VBtn>
  </form>
</template>

<style scoped>
.step {
  display: flex;
  flex-direction: column;
  gap: 18px;
  margin-top: 22px;
}

h1 {
  font-size: 1.7rem;
  font-weight: 500;
}

.scale {
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
