<script setup lang="ts">
import { computed, ref } from 'vue'
import { capital } from '#core/quantity'
import { setAsideReasons, slotKey, type Entry, type Slot } from '#core/entries'
import { wayOf } from '#core/recording'
import { useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'

/** What every try on a Sheet has around it: which one it is, a note, and what to do when it went wrong. */
const props = defineProps<{ slotAt: Slot; level: string; seen: Entry['fields'] }>()
const note = defineModel<string>('note', { default: '' })
const emit = defineEmits<{ write: []; spoilt: [] }>()
const store = useLesson()
const recorder = useRecorder('sheet')
const wrong = ref(false)
const noting = ref(false)
const way = computed(() => wayOf(store.plan))
const repeat = computed(() => (store.slots.get(slotKey(props.slotAt))?.setAside.length ?? 0) > 0)
const which = computed(() => {
  const { moment, tryNumber, levelId } = props.slotAt
  const column = way.value
    .columns(store.plan)
    .find((one) => one.tryNumber === tryNumber && one.moment === moment)
  if (column?.once) return column.head
  if (way.value.onlyTry !== null && store.plan.tries === 1) return way.value.onlyTry
  const [one] = way.value.tryWord
  const tried = `${one} ${tryNumber} of ${store.plan.tries}`
  if (moment === '' || levelId === null || way.value.askedSlots !== null) return tried
  return store.plan.tries > 1 ? `${moment}, ${tried}` : moment
})
const said = computed(() => [repeat.value ? 'once more' : '', which.value].filter(Boolean).join(', '))
const reasons = setAsideReasons.filter(
  (reason) => reason !== 'something else' && reason !== 'typed by mistake',
)

/** A spoilt try is noted with what was seen, if anything was, and the same try comes again. */
function spoilt(reason: string) {
  // What was only read wrongly is read once more; what broke or was pushed is begun anew.
  if (reason !== 'read wrongly')
    for (const one of way.value.alsoSpoilt(store.plan, store.counted, props.slotAt))
      recorder.setAside(one, reason)
  recorder.noteSpoilt(props.slotAt, reason, props.seen, note.value.trim())
  // The note was about this try. An open box for one would also take the next number out of a child's hands.
  note.value = ''
  noting.value = false
  wrong.value = false
  emit('spoilt')
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
  <form v-else class="step" @submit.prevent="$emit('write')">
    <h1>
      <template v-if="level"
        ><b>{{ level }}</b
        >{{ said && `, ${said}` }}</template
      >
      <template v-else>{{ capital(said) }}</template>
    </h1>
    <slot />
    <SheetLine
      v-if="noting"
      v-model="note"
      label="What about this try? It counts all the same."
      :maxlength="160"
      autofocus
    />
    <slot name="told" />
    <div class="acts">
      <slot name="acts" />
      <VBtn v-if="!noting" variant="text" size="large" @click="noting = true">Add a note</VBtn>
      <VBtn variant="text" size="large" @click="wrong = true">Something went wrong</VBtn>
    </div>
  </form>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
}
</style>
