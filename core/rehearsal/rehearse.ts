import { defined } from '../defined'
import { judgeKinds, judgeSide, judgeTrend, levelMeans, type VerdictWord } from '../evidence'
import { resolutionOf } from '../instrument'
import { type Expectation, type Plan } from '../plan'
import { scoredPlan, sidesJudging, sidesOf } from '../comparison'
import { hasOrder, isInRounds, comparisonOf, wayOf } from '../recording'
import { classroom, type Classroom } from './classroom'
import { expectedValues } from '../plan'
import type { Random } from '../random'

/** How one virtual class ended: it saw a clear right answer, a clear wrong one, or none. */
export type ClassOutcome = 'right' | 'wrong' | 'open'

/** One class to draw: how it ended and what it got at each level, in the order of comparison. */
export interface ExampleClass {
  outcome: ClassOutcome
  results: number[]
}

/** What many virtual classes came to. */
export interface Rehearsal {
  classes: number
  right: number
  wrong: number
  open: number
  /** Readings that stopped at an end of the scale, and all readings. */
  clipped: number
  readings: number
  /** The first twelve classes. */
  examples: ExampleClass[]
}

const drawn = 12

/** A rehearsal that has not begun. */
export const noRehearsal: Rehearsal = {
  classes: 0,
  right: 0,
  wrong: 0,
  open: 0,
  clipped: 0,
  readings: 0,
  examples: [],
}

/**
 * Rehearses a plan in virtual classes and counts how they end. Each class is judged by the same code as real
 * data. The right answer is the one that was put in: the direction, the kind that comes first, or, where the
 * ends differ by no more than a mark, that there is no difference to be measured. Where the score is worked out of several readings, the
 * class gets it with the rounding of all of them.
 *
 * @param expected on the scale of the plan's scores
 * @param before classes rehearsed already, to which these are added
 * @throws RangeError when the plan has fewer than two levels or no tries.
 * @example rehearse(plan, { first: 14, last: 55, apart: 3 }, 6, 20, seededRandom(1)).right // 20
 */
export function rehearse(
  plan: Plan,
  expected: Expectation,
  groups: number,
  classes: number,
  random: Random,
  before = noRehearsal,
): Rehearsal {
  const sides = sidesOf(plan)
  const asScored = { ...scoredPlan(plan), expected }
  // One thing is compared with itself in every try of every level.
  const scored = sides ? { ...asScored, tries: plan.tries * plan.levels.length } : asScored
  const readings = sides ? sides.readings(plan) : wayOf(plan).readingsPerScore(plan, [])
  const room = classroom(scored, expected, groups, random, readings)
  const judge = sides ? judgeSidesOf(scored, room, readings) : judgeOf(scored, room, readings)
  const truth = trueAnswer(scored, expected, resolutionOf(scored).mark)
  const total = { ...before, examples: [...before.examples] }
  for (let index = 0; index < classes; index++) {
    total.clipped += room.draw()
    const outcome = judge(truth)
    total[outcome]++
    if (total.examples.length < drawn) total.examples.push({ outcome, results: [...levelMeans(room.table)] })
  }
  total.classes += classes
  total.readings += classes * room.readings
  return total
}

/** What the class should find: a direction, the id of the kind that comes first, or no difference. */
function trueAnswer(plan: Plan, expected: Expectation, mark: number): string {
  if (Math.abs(expected.last - expected.first) <= mark) return 'no-difference'
  if (hasOrder(plan) || plan.besides) return expected.last > expected.first ? 'rising' : 'falling'
  const sign = plan.best === 'least' ? -1 : 1
  return defined([...expectedValues(plan, expected)].sort((a, b) => sign * (b[1] - a[1]))[0])[0]
}

/** Judges the class that was drawn last, as real data are judged. */
function judgeOf(
  plan: Plan,
  { table, levels }: Classroom,
  readings: number,
): (truth: string) => ClassOutcome {
  const comparison = comparisonOf(plan, [], readings, { sideBySide: false, inRounds: isInRounds(plan) })
  if (comparison.ordered)
    return (truth) => {
      const { verdict, direction } = judgeTrend(table, comparison)
      return outcomeOf(verdict.word, direction, truth)
    }
  return (truth) => {
    const { verdict, first } = judgeKinds(table, comparison)
    const level = verdict.because === 'level-at-top'
    return level ? 'open' : outcomeOf(verdict.word, levels[first]?.id ?? '', truth)
  }
}

/** The last side beside the first: more at it is called rising. */
function judgeSidesOf(
  plan: Plan,
  { table, levels }: Classroom,
  readings: number,
): (truth: string) => ClassOutcome {
  const comparison = sidesJudging(plan, readings)
  const heats = Object.assign(table, { inHeats: true })
  return (truth) => {
    const { verdict, ahead } = judgeSide(heats, comparison, levels.length - 1, levels.length - 1)
    return outcomeOf(verdict.word, ahead > 0 ? 'rising' : 'falling', truth)
  }
}

function outcomeOf(word: VerdictWord, answer: string, truth: string): ClassOutcome {
  if (word === 'no-difference') return truth === 'no-difference' ? 'right' : 'open'
  if (word !== 'clear') return 'open'
  return answer === truth ? 'right' : 'wrong'
}
