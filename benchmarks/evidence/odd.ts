import { oddReadings, cellsOf, type Score } from '../../core/evidence'
import { levelsForGroup } from '../../core/plan'
import { resolutionOf } from '../../core/instrument'
import { roundToMark } from '../../core/quantity'
import { comparisonOf } from '../../core/recording'
import { normalRandom, seededRandom, type Random } from '../../core/random'
import { examplePlan } from '../../core/testing/examplePlan'
import { starters, type Starter } from '../../starters'
import type { Figure } from '../figure'

const groups = 6
const tries = 3

/** The scores of a clean class of a starter, three tries each. */
function cleanClass({ plan, expected }: Starter, random: Random, normal: () => number): Score[] {
  const { mark } = resolutionOf(plan)
  return Array.from({ length: groups }, (_, groupIndex) => {
    const factor = 1 + expected.groupSpread * normal()
    return levelsForGroup(plan, groupIndex).flatMap(({ id: levelId }) =>
      Array.from({ length: tries }, (_, index): Score => {
        const centre = expected.values[levelId]! * factor
        const value = Math.max(0, roundToMark(centre * (1 + expected.trySpread * normal()), mark))
        return {
          id: `${groupIndex}|${levelId}|${index}`,
          groupId: `g${groupIndex}`,
          levelId,
          tryNumber: index + 1,
          value,
        }
      }),
    )
  }).flat()
}

/** Odd readings over every starter: how often a clean lesson has one, and how often what is odd is found. */
export function oddOnes(lessons: number): Figure[] {
  const found = starters.map((starter, index) => {
    const random = seededRandom(500 + index)
    const normal = normalRandom(random)
    const comparison = comparisonOf(starter.plan)
    const flagged = (scores: Score[]) =>
      new Set(oddReadings(cellsOf(comparison, scores), comparison).map((one) => one.id))
    let clean = 0
    let slips = 0
    let shifts = 0
    for (let one = 0; one < lessons; one++) {
      const scores = cleanClass(starter, random, normal)
      if (flagged(scores).size > 0) clean++
      const chosen = scores[Math.floor(random() * scores.length)]!
      const withValue = (value: number) =>
        scores.map((score) => (score === chosen ? { ...score, value } : score))
      if (flagged(withValue(chosen.value * 10)).has(chosen.id)) slips++
      const sd = Math.max(
        starter.expected.trySpread * starter.expected.values[chosen.levelId]!,
        comparison.error,
      )
      const sign = random() < 0.5 ? -1 : 1
      if (flagged(withValue(chosen.value + sign * 6 * sd)).has(chosen.id)) shifts++
    }
    return {
      starter,
      clean: (100 * clean) / lessons,
      slips: (100 * slips) / lessons,
      shifts: (100 * shifts) / lessons,
    }
  })
  const worst = (key: 'clean' | 'slips' | 'shifts', name: string, goal: Figure['goal']): Figure => {
    const sorted = [...found].sort((a, b) => (key === 'clean' ? b[key] - a[key] : a[key] - b[key]))
    return {
      name: `${name}, worst of ${found.length} starters`,
      value: sorted[0]![key],
      unit: '%',
      goal,
      note: sorted[0]!.starter.id,
    }
  }
  return [
    sameWobble(lessons),
    worst('clean', 'a clean lesson has an odd reading', { most: 15 }),
    worst('slips', 'a slip of x10 is odd', { least: 95 }),
    worst('shifts', 'a shift of six sd is odd', { least: 80 }),
  ]
}

/** A clean lesson whose tries scatter alike at all levels, which no starter does. */
function sameWobble(lessons: number): Figure {
  const normal = normalRandom(seededRandom(20261124))
  const plan = examplePlan()
  const comparison = comparisonOf(plan)
  let flagged = 0
  for (let one = 0; one < lessons; one++) {
    const scores = Array.from({ length: groups }, (_, groupIndex) => {
      const high = 3 * normal()
      return plan.levels.flatMap(({ id: levelId, value }) =>
        Array.from({ length: tries }, (_, index): Score => ({
          id: `${groupIndex}|${levelId}|${index}`,
          groupId: `g${groupIndex}`,
          levelId,
          tryNumber: index + 1,
          value: Math.round(0.55 * value! + high + 3 * normal()),
        })),
      )
    }).flat()
    if (oddReadings(cellsOf(comparison, scores), comparison).length > 0) flagged++
  }
  return {
    name: 'a clean lesson that wobbles alike at all levels has an odd reading',
    value: (100 * flagged) / lessons,
    unit: '%',
    goal: { most: 15 },
  }
}
