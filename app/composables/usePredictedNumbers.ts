import { computed } from 'vue'
import { predictedNumbers } from '#core/conclusion'
import { isDoneForAll } from '#core/lesson'
import { levelName } from '#core/plan'
import type { PredictedLine } from '../charts/predictedChart'
import { useLesson } from '../stores/lesson'
import { useResults } from '../stores/results'

/** The numbers that were predicted in the open lesson, beside what was found. */
export function usePredictedNumbers() {
  const store = useLesson()
  const results = useResults()
  const lines = computed<PredictedLine[]>(() => {
    const { who } = store.plan.prediction
    const all = predictedNumbers(
      who,
      store.open.predictions.filter(({ step }) => step === 'before'),
      results.evidence,
      isDoneForAll(store.plan),
    )
    const levels = new Set(all.map((one) => one.levelId))
    return store.groups.flatMap((group) =>
      all
        .filter((one) => one.groupId === group.id && store.scored.levels.some(({ id }) => id === one.levelId))
        .map((one) => {
          const level = store.scored.levels.find(({ id }) => id === one.levelId)!
          const whose = one.ofClass
            ? 'the class'
            : one.seat > 0
              ? `${group.name}, child ${one.seat}`
              : group.name
          return {
            ...one,
            group: one.ofClass ? null : group,
            name: levels.size > 1 ? `${whose}, ${levelName(store.scored, level)}` : whose,
          }
        }),
    )
  })
  /** The level that they are all for; null where they differ. */
  const level = computed(() => {
    const [first, ...others] = new Set(lines.value.map((one) => one.levelId))
    return others.length === 0 ? (store.scored.levels.find(({ id }) => id === first) ?? null) : null
  })
  return { lines, level }
}
