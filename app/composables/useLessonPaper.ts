import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { arranged, paperParts, reportFacts, type Arrangement, type PaperKind } from '#core/report'
import { currentDay } from '#shared/lesson/currentDay'
import { reportedLesson } from '#shared/lesson/reportedLesson'
import { usePrintLesson } from './usePrintLesson'

/** A paper of the lesson in the address, with how it was arranged on this device. */
export function useLessonPaper(paper: PaperKind) {
  const { store, ready } = usePrintLesson()
  const arrangement = useLocalStorage<Arrangement>(`jolly-beaker-paper-${paper}`, { order: [], leftOut: [] })
  const whole = computed(() =>
    ready.value ? paperParts(paper, reportFacts(reportedLesson(store.open, currentDay()))) : [],
  )
  /** Every part in the order that was chosen. */
  const all = computed(() => arranged(whole.value, { ...arrangement.value, leftOut: [] }))
  const parts = computed(() => arranged(whole.value, arrangement.value))
  return { store, ready, arrangement, all, parts }
}
