import { itemAt, defined } from '../defined'
import { weighEvidence, type Comparison, type Evidence, type Strand } from '../evidence'
import { levelsForGroup, orderedLevels, testingGroups, type Level, type Plan } from '../plan'
import type { Entry } from '../entries'
import { comparisonOf, wayOf, type Sides } from '../recording'
import { sideScores } from './sideScores'
import { sidesPlan } from './sidesPlan'

/** One thing beside itself is known better than one thing beside another: where nobody says what to expect, a twentieth is worth noticing. */
const worthShare = 0.05

/**
 * Weighs the sides of a lesson: all its levels together, and, where there are several, each by itself; and the same of whatever else was
 * read of them.
 * @param groupIds the groups of the class, in order; without them nobody knows how much is still to come
 * @param finished whether testing was said to be over, although not all planned tries are in
 * @example weighSides(dough, sides, counted, ['leaf', 'bell', 'key'], false).judgement.verdict.word // 'no-difference'
 */
export function weighSides(
  plan: Plan,
  sides: Sides,
  counted: readonly Entry[],
  groupIds: readonly string[],
  finished: boolean,
): Evidence {
  const levels = orderedLevels(plan)
  const weigh = (quantity: Plan, level: Level | null): Strand => {
    const scored = sidesPlan(quantity, sides, counted)
    const comparison = sidesComparison(quantity, scored, sides, { groupIds, finished, level })
    const scores = sideScores(quantity, sides, counted, level?.id ?? null)
    return { plan: scored, level, evidence: weighEvidence(comparison, scores) }
  }
  const [first, ...others] = wayOf(plan)
    .quantities(plan)
    .map((quantity) => {
      const own = levels.length < 2 ? [] : levels.map((level) => weigh(quantity, level))
      return { whole: weigh(quantity, null), own: own.filter(({ evidence }) => evidence.cells.length > 0) }
    })
  const { evidence } = defined(first).whole
  return {
    ...evidence,
    // Levels differ from each other, so what is odd among the tries of one is not odd among all.
    odd: defined(first).own.length > 0 ? defined(first).own.flatMap((one) => one.evidence.odd) : evidence.odd,
    drift: levels.length > 1 ? null : evidence.drift,
    strands: [...defined(first).own, ...others.flatMap(({ whole, own }) => [whole, ...own])],
  }
}

/**
 * What the sides of a plan are weighed as, before anybody has said who tests what: each try beside itself, and something worth noticing
 * also where they are expected to be level.
 * @param scored the plan as its sides are compared (`scoredPlan`)
 * @param readings how many readings stand at one side
 * @example sidesJudging(scoredPlan(dough), 1).inHeats // true
 */
export function sidesJudging(
  scored: Plan,
  readings: number,
  groupIds: readonly string[] = [],
  finished = false,
): Comparison {
  const { expected } = scored
  const isLevel = expected !== null && expected.first === expected.last
  const comparison = comparisonOf({ ...scored, expected: isLevel ? null : expected }, groupIds, readings, {
    sideBySide: true,
    inRounds: false,
    finished,
  })
  const { worth } = comparison
  return {
    ...comparison,
    inHeats: true,
    summary: scored.measured.scale ? 'median' : 'mean',
    worth: worth.share > 0 ? { ...worth, share: worthShare } : worth,
  }
}

function sidesComparison(
  plan: Plan,
  scored: Plan,
  sides: Sides,
  { groupIds, finished, level }: { groupIds: readonly string[]; finished: boolean; level: Level | null },
): Comparison {
  const levelsOf = (groupIndex: number) =>
    levelsForGroup(plan, groupIndex).filter((one) => level === null || one.id === level.id).length
  const testing = testingGroups(plan, groupIds.length).filter((groupIndex) => levelsOf(groupIndex) > 0)
  const meant = testing.map((groupIndex) => itemAt(groupIds, groupIndex))
  return {
    ...sidesJudging(scored, sides.readings(plan), groupIds, finished),
    meant: Object.fromEntries(scored.levels.map(({ id }) => [id, meant])),
    triesOf: Object.fromEntries(
      testing.map((groupIndex) => [itemAt(groupIds, groupIndex), plan.tries * levelsOf(groupIndex)]),
    ),
  }
}
