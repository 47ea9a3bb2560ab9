import { firstOf } from '#core/defined'
import { computed, ref } from 'vue'
import type { Entry, Slot } from '#core/entries'
import { answerTo, contextOf, wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'
import { useReadNow } from './useReadNow'
import { valueFields, useRecorder } from './useRecorder'

/** An answer that is pressed and not typed: checked, asked about where it goes against what stands, and written down. */
export function useSheetAnswer(slot: () => Slot, written: (slot: Slot) => void) {
  const store = useLesson()
  const recorder = useRecorder('sheet')
  const { times, readNow } = useReadNow()
  const note = ref('')
  /** As it would have been typed. */
  const typed = ref('')
  const asked = ref<string | null>(null)
  const checked = computed(() =>
    wayOf(store.plan).check(store.plan, typed.value, contextOf(store.plan, store.counted, slot())),
  )
  const seen = computed<Entry['fields']>(() =>
    checked.value.state === 'value' ? valueFields(typed.value, 'typed', checked.value.value) : {},
  )

  function answer(text: string) {
    typed.value = text
    asked.value = null
  }

  /** Writes it down, unless there is something to ask first. */
  function write() {
    const answer = answerTo(checked.value, false)
    asked.value = null
    if (answer.does === 'keep') keep()
    else if (answer.does === 'ask')
      asked.value =
        answer.about.state === 'value' ? firstOf(answer.about.hints).message : answer.about.message
  }

  function keep() {
    // What the plan no longer takes cannot be kept; it is answered anew.
    if (checked.value.state !== 'value') return answer('')
    recorder.record(slot(), { ...seen.value, ...readNow(slot()) }, note.value.trim())
    written(slot())
  }

  const start = computed(() => times.startedAt(slot()))
  return { note, typed, asked, seen, start, answer, write, keep }
}
