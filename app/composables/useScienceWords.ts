import { computed } from 'vue'
import { wordsUsed } from '#core/scienceWords'
import { useLesson } from '../stores/lesson'
import { useObservations } from '../stores/observations'

/** The lesson's words of science, and which of them children have used in what they wrote. */
export function useScienceWords() {
  const store = useLesson()
  const observations = useObservations()
  const words = computed(() => store.plan.background?.words.filter(({ word }) => word.trim() !== '') ?? [])
  const names = computed(() => words.value.map(({ word }) => word.trim()))
  /** What children wrote: notes, observations, reasons of predictions, and the conclusion. */
  const written = computed(() => {
    const { notes, predictions, conclusion } = store.open
    return [
      ...notes.map(({ text }) => text),
      ...observations.standing.map(({ text }) => text),
      ...predictions.map(({ because }) => because),
      ...[conclusion.ownWords ?? '', conclusion.why, conclusion.dissent, conclusion.nextQuestion],
    ]
  })
  const used = computed(() => new Set(wordsUsed(written.value, names.value)))
  return { words, names, used }
}
