import { computed } from 'vue'
import {
  choiceEffects,
  methodOf,
  methodText,
  methodWords,
  tooFewInstruments,
  wordOfFinding,
  type WordId,
} from '#core/method'
import type { Finding } from '#core/fair'
import type { Plan } from '#core/plan'
import { wayNote } from '#core/recording'
import { useLesson } from '../stores/lesson'
import { useFairness } from '../stores/fairness'

/** The plan of the open lesson as a paragraph, and what the checks say of each of its words. */
export function useMethod() {
  const store = useLesson()
  const fairness = useFairness()
  const context = computed(() => ({
    age: store.open.class.ageBand,
    vocabulary: store.open.class.vocabulary,
    words: store.words,
    ...store.open.school,
  }))
  const sentences = computed(() => methodOf(store.plan, context.value))
  const words = computed(() => methodWords(sentences.value))

  /** What Fair says of a word, the gravest first. */
  function findingsOf(id: WordId): Finding[] {
    return fairness.fair.findings.filter((finding) => wordOfFinding(finding) === id)
  }
  /** What else stands in the way, that Fair does not see. */
  function troubleOf(id: WordId): string | null {
    const few =
      id === 'instrument'
        ? tooFewInstruments(store.plan, store.open.school.cupboard, store.groups.length)
        : null
    return problemsOf(id)[0] ?? few ?? (id === 'way' ? wayNote(store.plan) : null)
  }
  /** What the server would not take. */
  function problemsOf(id: WordId): string[] {
    const paths: Partial<Record<WordId, string>> = {
      changed: 'changed',
      levels: 'levels',
      measured: 'measured.name',
      unit: 'measured.unit',
      instrument: 'measured.instrument',
      keptSame: 'keptSame',
    }
    const path = id.startsWith('option-') ? `recording.${id.slice(7)}` : paths[id]
    return path ? store.planProblems.filter((one) => one.path.startsWith(path)).map((one) => one.message) : []
  }
  const effectsOf = (after: Plan) => choiceEffects(store.plan, after, context.value, store.groups.length)

  const text = computed(() => methodText(store.plan, context.value))

  return { text, sentences, words, findingsOf, troubleOf, effectsOf }
}
