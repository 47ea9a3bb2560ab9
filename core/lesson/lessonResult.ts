import { defined } from '../defined'
import {
  classAnswer,
  comparePrediction,
  predictionsMet,
  type Conclusion,
  type PredictionAnswer,
} from '../conclusion'
import { resultSentence, sidesVerdict, type Evidence, type VerdictWord } from '../evidence'
import type { Plan } from '../plan'
import { capital } from '../quantity'
import { scoredPlan, sidesOf, unfinishedTries } from '../comparison'
import { wayOf, type ReadingsAt } from '../recording'
import type { Entry } from '../entries'
import { isDoneForAll } from './testers'

/** What a lesson has found, as Compare, the Board, the poster and the journal pages say it. */
export interface LessonResult {
  /** "The higher the drop, the higher the bounce: about 14 cm more for every extra 25 cm." */
  sentence: string
  /** Why, and how sure; what would settle it where it is open: a line each, the weightiest first. */
  reasons: string[]
  /** What each level did, in the words of the way of recording; empty where it has none. */
  detail: string
  /** The verdict in one word. */
  word: VerdictWord
}

/**
 * What a lesson has found. While nothing can be compared there may be something to see, which is then said.
 * @param counted the entries that stand and count
 * @param evidence of the same entries
 * @example lessonResult(plan, counted, evidence).sentence // 'The higher the drop, the higher the bounce: about 11 cm more for every extra 20 cm.'
 */
export function lessonResult(plan: Plan, counted: readonly Entry[], evidence: Evidence): LessonResult {
  const way = wayOf(plan)
  const scored = scoredPlan(plan, counted)
  const soFar = evidence.results.length >= 2 ? null : way.soFar(plan, counted)
  const { sentence, reasons } = soFar ?? resultSentence(scored, evidence)
  const inside = sidesOf(plan)
  if (inside)
    return {
      sentence,
      reasons: [...reasons, unfinishedSaid(unfinishedTries(plan, inside, counted))].filter(Boolean),
      detail: '',
      word: defined(sidesVerdict(scored, evidence)),
    }
  return {
    sentence,
    reasons,
    detail: capital(way.detail(plan, counted, evidence.results) ?? ''),
    word: evidence.judgement.verdict.word,
  }
}

/**
 * Whose result a prediction is compared with: that of the group which made it; null for the class, where it predicted or tested as one.
 * @example predictedFor(plan, 'leaf') // 'leaf'
 */
export const predictedFor = (plan: Plan, groupId: string): string | null =>
  plan.prediction.who === 'class' || isDoneForAll(plan) ? null : groupId

const unfinishedSaid = (tries: number) =>
  tries === 0
    ? ''
    : tries === 1
      ? 'One try was begun and not read to its end, so it counts only as far as it goes.'
      : `${tries} tries were begun and not read to their end, so they count only as far as they go.`

/**
 * What the class says: its own answer where it has come to one, else what was found.
 * @param scored the plan as its results are measured (`scoredPlan`)
 * @example classSays(scored, { ...conclusion, ownWords: 'Higher drop, higher bounce.' }, result) // 'Higher drop, higher bounce.'
 */
export const classSays = (scored: Plan, conclusion: Conclusion, { sentence }: LessonResult): string =>
  classAnswer(scored, conclusion) ?? sentence

/**
 * How many had predicted what came, in one sentence; empty while nobody predicted or the result is open.
 * @param scored the plan as its results are measured (`scoredPlan`)
 * @param read what was read at each moment
 * @example predictionsSaid(scored, [{ groupId: 'leaf', answer: { format: 'direction', direction: 'more' } }], evidence, readingsAt(plan, counted)) // '1 of 1 group had predicted this.'
 */
export const predictionsSaid = (
  scored: Plan,
  predictions: readonly { groupId: string; answer: PredictionAnswer }[],
  evidence: Evidence,
  read: ReadingsAt,
): string =>
  predictionsMet(
    scored.prediction.who,
    predictions.map(({ groupId, answer }) =>
      comparePrediction(scored, answer, evidence, predictedFor(scored, groupId), read),
    ),
  )
