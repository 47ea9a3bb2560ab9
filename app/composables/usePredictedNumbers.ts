import { defined } from '#core/defined'
import { computed } from 'vue'
import { numberAsked, predictedNumbers, predictedOf } from '#core/conclusion'
import { isDoneForAll } from '#core/lesson'
import { levelName } from '#core/plan'
import { wayOf } from '#core/recording'
import type { PredictedLine } from '../charts/predictedChart'
import { useLesson } from '../stores/lesson'
import { useResults } from '../stores/results'
import { measuredCaption } from '../words/measuredWords'

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
      store.readings,
      isDoneForAll(store.plan),
    )
    // One line shows one quantity: what is asked for now, or what was asked for first.
    const asked = numberAsked(store.plan, store.scored)
    const moment = (all.find((one) => one.moment === asked?.moment) ?? all[0])?.moment ?? null
    const ofOne = all.filter((one) => one.moment === moment)
    const known = moment === null ? store.scored.levels : store.plan.levels
    const levels = new Set(ofOne.map((one) => one.levelId))
    return store.groups.flatMap((group) =>
      ofOne
        .filter((one) => one.groupId === group.id && known.some(({ id }) => id === one.levelId))
        .map((one) => {
          const level = defined(known.find(({ id }) => id === one.levelId))
          const whose = one.ofClass
            ? 'the class'
            : one.seat > 0
              ? `${group.name}, child ${one.seat}`
              : group.name
          return {
            ...one,
            group: one.ofClass ? null : group,
            name:
              levels.size > 1
                ? `${whose}, ${levelName(moment === null ? store.scored : store.plan, level)}`
                : whose,
          }
        }),
    )
  })
  /** The level that they are all for; null where they differ. */
  const level = computed(() => {
    const [first, ...others] = new Set(lines.value.map((one) => one.levelId))
    if (others.length > 0) return null
    return [...store.plan.levels, ...store.scored.levels].find(({ id }) => id === first) ?? null
  })
  const moment = computed(() => lines.value[0]?.moment ?? null)
  /** The plan as these numbers are read, for everything that prints them. */
  const plan = computed(() =>
    moment.value === null ? store.scored : wayOf(store.plan).planAt(store.plan, moment.value),
  )
  /** What they are numbers of: "bounce height in cm at 60 cm". */
  const caption = computed(() => {
    if (moment.value === null)
      return (
        measuredCaption(store.scored) + (level.value ? ` at ${levelName(store.scored, level.value)}` : '')
      )
    const of = predictedOf(store.plan, store.scored, moment.value).replace(/^the /u, '')
    return level.value && store.plan.levels.length > 1
      ? `${of} for ${levelName(store.plan, level.value)}`
      : of
  })
  return { lines, plan, caption }
}
