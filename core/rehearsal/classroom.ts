import { defined } from '../defined'
import { emptyTable, summarise, type ScoreTable } from '../evidence'
import { nearestMark, reactionSd, resolutionOf, scaleInUnit } from '../instrument'
import {
  levelsForGroup,
  orderedLevels,
  testingGroups,
  type Expectation,
  type Level,
  type Plan,
} from '../plan'
import { convertUnit, unitDefinition } from '../quantity'
import { expectedValues } from '../plan'
import { normalRandom, type Random } from '../random'

/** What is assumed of every class, and may be argued about. */
export const classAssumptions = {
  /** How far groups read higher or lower throughout, as a share of the value (standard deviation). */
  groupSpread: 0.04,
  /** The share of tries that go wrong without anybody noticing: they come out at 30 to 90 % of the value. */
  mishapRate: 0.02,
} as const

/** A plan made ready to be rehearsed in class after class; each draw replaces the class before. */
export interface Classroom {
  /** In the order of comparison. */
  levels: Level[]
  /** The class as the evidence judges it. */
  table: ScoreTable
  /** Readings of one class. */
  readings: number
  /** Draws the next class into `table`; gives back how many readings stopped at an end of the scale. */
  draw: () => number
}

/**
 * Makes a plan ready for virtual classes. Reading = expected value at the level x (1 + group offset) + spread
 * from try to try, a stopwatch adding the reaction of the hand; rounded to the mark and clipped to the scale;
 * now and then a try goes wrong. "Apart" is taken as the mean difference of two tries, which is 2/√π standard
 * deviations.
 *
 * @param plan as its scores are measured
 * @param groups how many groups test
 * @param perScore how many readings enter one score, each rounded to its mark
 * @throws RangeError when the plan has fewer than two levels or no tries.
 * @example classroom(plan, { first: 14, last: 55, apart: 3 }, 6, seededRandom(1)).readings // 54: 6 groups, 3 levels, 3 tries
 */
export function classroom(
  plan: Plan,
  expected: Expectation,
  groups: number,
  random: Random,
  perScore = 1,
): Classroom {
  if (plan.levels.length < 2 || plan.tries < 1)
    throw new RangeError('a rehearsal needs two levels and one try')
  const levels = orderedLevels(plan)
  const testing = testingGroups(plan, groups).length
  const { tries, summary } = plan
  const testedBy = Array.from({ length: testing }, (_, groupIndex) => {
    const own = new Set(levelsForGroup(plan, groupIndex))
    return levels.flatMap((level, index) => (own.has(level) ? [index] : []))
  })
  const atLevel = expectedValues(plan, expected)
  const centre = Float64Array.from(levels, (level) => defined(atLevel.get(level.id)))
  const read = reader(plan, expected, random, perScore)
  const table = { ...emptyTable(levels.length, testing, tries), mark: resolutionOf(plan).mark }
  testedBy.forEach((own, group) =>
    own.forEach((level) => (table.counts[group * levels.length + level] = tries)),
  )

  function draw(): number {
    let clipped = 0
    for (let group = 0; group < testing; group++) {
      const factor = 1 + classAssumptions.groupSpread * read.normal()
      for (const level of defined(testedBy[group])) {
        const start = (group * levels.length + level) * tries
        for (let one = 0; one < tries; one++)
          clipped += read.into(table.values, start + one, defined(centre[level]) * factor)
      }
    }
    summarise(table, summary)
    return clipped
  }

  const readings = tries * testedBy.reduce((sum, own) => sum + own.length, 0)
  return { levels, table, readings, draw }
}

/** How a class reads its instrument, one try at a time. */
function reader(plan: Plan, expected: Expectation, random: Random, perScore: number) {
  const { unit } = plan.measured
  const normal = normalRandom(random)
  const reaction =
    unitDefinition(unit).dimension === 'time' ? convertUnit(reactionSd, 's', unit) * Math.SQRT2 : 0
  const trySd = Math.hypot((expected.apart * Math.sqrt(Math.PI)) / 2, reaction)
  const { mark, least, greatest } = scaleInUnit(plan)
  const onMark = nearestMark(mark)

  /** Writes one reading; 1 when it stopped at an end of the scale, else 0. */
  function into(values: Float64Array, at: number, value: number): 0 | 1 {
    const spoilt = random() < classAssumptions.mishapRate ? 0.3 + 0.6 * random() : 1
    let worked = (value + trySd * normal()) * spoilt
    for (let more = 1; more < perScore; more++) worked += mark * (random() - 0.5)
    const shown = onMark(worked)
    values[at] = shown < least ? least : shown > greatest ? greatest : shown
    return shown < least || shown > greatest ? 1 : 0
  }
  return { into, normal }
}
