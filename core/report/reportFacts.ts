import type { AgeBand, Vocabulary } from '../class'
import { variableWords } from '../class'
import { foretoldBy, type Conclusion } from '../conclusion'
import { scoredPlan, weighLesson } from '../comparison'
import { standingOf, type Entry } from '../entries'
import type { Evidence } from '../evidence'
import type { CupboardInstrument } from '../instrument'
import { kitAmounts } from '../kit'
import { caveatsOf, classSays, lessonResult, predictionsSaid, testersOf, type Tester } from '../lesson'
import { methodText, triesText } from '../method'
import { standingObservations, type Observation } from '../observation'
import type { Plan, SchoolWays } from '../plan'
import { capital } from '../quantity'
import type { Review } from '../review'
import { readingsAt } from '../recording'
import { checkSafe } from '../safety'
import { everythingShown, type ReportFacts } from './part'
import { predictionSaid, type KeptPrediction } from './predictionSaid'

/** What a lesson is made of, as it is kept. */
export interface ReportedLesson {
  plan: Plan
  own: { ageBand: AgeBand; vocabulary: Vocabulary; children: number; byGroup: readonly number[] }
  groups: readonly Tester[]
  school: { ways: SchoolWays; cupboard: readonly CupboardInstrument[] }
  entries: readonly Entry[]
  predictions: readonly KeptPrediction[]
  observations: readonly Observation[]
  /** What groups left with each other. */
  reviews: readonly Review[]
  conclusion: Conclusion
  /** Whether nobody will test any more. */
  isOver: boolean
}

/**
 * What the papers of a lesson are made from, worked out as the screens work it out.
 * @param weighed what the lesson's entries show, where that is known already
 * @example reportFacts({ ...lesson, entries: [] }).evidence.results // []: nothing was read
 */
export function reportFacts(lesson: ReportedLesson, weighed?: Evidence): ReportFacts {
  const { plan, own, groups, school, entries, predictions, conclusion, isOver } = lesson
  const standing = standingOf(entries)
  const { counted } = standing
  const scored = scoredPlan(plan, counted)
  const groupIds = groups.map(({ id }) => id)
  const evidence = weighed ?? weighLesson(plan, counted, groupIds, isOver, foretoldBy(predictions, entries))
  const found = lessonResult(plan, counted, evidence)
  const first = predictions.filter(({ step }) => step === 'before')
  const lines = kitAmounts(plan, {
    ...{ groups: groups.length, children: own.children, byGroup: own.byGroup },
    cupboard: school.cupboard,
  })
  const context = {
    ...{ age: own.ageBand, vocabulary: own.vocabulary, words: variableWords(own.vocabulary) },
    ...school,
  }
  const names = new Map(groups.map(({ id, name }) => [id, name]))
  const whose = (groupId: string) =>
    plan.prediction.who === 'class' ? 'The class' : (names.get(groupId) ?? '')
  return {
    ...{ plan, scored, evidence, found, conclusion, lines },
    groups: testersOf(plan, groups),
    vocabulary: own.vocabulary,
    method: methodText(plan, context),
    tries: triesText(plan, context),
    predictions: first.map((one) => capital(`${whose(one.groupId)}: ${predictionSaid(scored, plan, one)}`)),
    predicted: predictionsSaid(scored, first, evidence, readingsAt(plan, counted)),
    ...{ counted, choices: everythingShown, own: null },
    photos: standingObservations(lesson.observations, 'board').filter(({ picture }) => picture !== null),
    said: classSays(scored, conclusion, found),
    caveats: caveatsOf(plan, standing),
    cautions: checkSafe(plan, { age: own.ageBand, lines, allergies: [], supplies: [] }).cautions.map(
      ({ heading, caution }) => `${capital(heading)}: ${caution}`,
    ),
  }
}
