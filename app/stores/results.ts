import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed } from 'vue'
import { classAnswer, foretoldBy } from '#core/conclusion'
import { caveatsOf, classSays, lessonResult } from '#core/lesson'
import { comparesSides, evidenceByLevel, weighLesson } from '#core/comparison'
import { useLesson } from './lesson'

/** What the entries of the open lesson say: apart from the lesson, because a Sheet that records needs none of it. */
export const useResults = defineStore('results', () => {
  const lesson = useLesson()
  const evidence = computed(() =>
    weighLesson(
      lesson.plan,
      lesson.counted,
      lesson.groups.map((group) => group.id),
      lesson.testingOver,
      foretoldBy(lesson.open.predictions, lesson.entries),
    ),
  )
  /** What each level came to, also where levels are not what is compared. */
  const byLevel = computed(() =>
    comparesSides(lesson.plan)
      ? evidenceByLevel(lesson.plan, lesson.counted)
      : { plan: lesson.scored, evidence: evidence.value },
  )
  /** What was found, in words. */
  const found = computed(() => lessonResult(lesson.plan, lesson.counted, evidence.value))
  /** The class's own answer; null until it has come to one. */
  const answer = computed(() => classAnswer(lesson.scored, lesson.open.conclusion))
  /** The answer, or what was found while there is none. */
  const said = computed(() => classSays(lesson.scored, lesson.open.conclusion, found.value))
  /** What the result should be read beside: mishaps, notes, what else differed. */
  const caveats = computed(() => caveatsOf(lesson.plan, lesson.standing))
  return { evidence, byLevel, found, caveats, answer, said }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useResults, import.meta.hot))
