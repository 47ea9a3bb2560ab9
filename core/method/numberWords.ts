import { lastOf, defined } from '../defined'
import { numberAsked, numberLevels, predictedOf } from '../conclusion'
import { levelName, type Plan } from '../plan'
import { readMoments } from '../recording'
import { choiceOf, word, type MethodSentence } from './word'

/** What a number is for, where there is something to choose: "the temperature after 10 min", "for 60 cm". */
export function numberWords(plan: Plan, scored: Plan): MethodSentence {
  const asked = numberAsked(plan, scored)
  if (!asked) return []
  const put = (before: Plan, changes: Partial<NonNullable<Plan['prediction']['numberFor']>>) => ({
    ...before,
    prediction: {
      ...before.prediction,
      numberFor: { levelId: null, moment: null, ...before.prediction.numberFor, ...changes },
    },
  })
  const moments = [null, ...readMoments(plan)]
  const levels = numberLevels(plan, scored)
  return [
    ...(moments.length === 1
      ? []
      : [
          ', ',
          word(
            'numberMoment',
            'A number for',
            predictedOf(plan, scored, asked.moment),
            choiceOf<string | null>(
              asked.moment,
              moments.map((moment) => [moment, predictedOf(plan, scored, moment)] as const),
              (before, moment) => put(before, { moment }),
            ),
            { chosen: asked.moment !== null },
          ),
        ]),
    ...(levels.length === 0
      ? []
      : [
          ' for ',
          word(
            'numberLevel',
            'A number for',
            levelName(plan, defined(levels.find(({ id }) => id === asked.levelId))),
            choiceOf(
              asked.levelId,
              levels.map((level) => [level.id, levelName(plan, level)] as const),
              (before, levelId) => put(before, { levelId }),
            ),
            { chosen: asked.levelId !== lastOf(levels).id },
          ),
        ]),
  ]
}
