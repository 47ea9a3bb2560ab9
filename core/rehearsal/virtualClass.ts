import { mean } from 'simple-statistics'
import { summariseCell, type Cell } from '../evidence'
import { reactionSd } from '../instrument'
import { levelsForGroup, orderedLevels, type Expectation, type Plan } from '../plan'
import { convertUnit, roundToMark, unitDefinition } from '../quantity'
import { normalRandom, type Random } from './random'

/** What is assumed of every class, and may be argued about. */
export const classAssumptions = {
  /** How far groups read higher or lower throughout, as a share of the value (standard deviation). */
  groupSpread: 0.04,
  /** The share of tries that go wrong without anybody noticing: they come out at 30 to 90 % of the value. */
  mishapRate: 0.02,
} as const

/** One virtual class: its cells, and how many readings stopped at an end of the scale. */
export interface VirtualClass {
  cells: Cell[]
  clipped: number
  readings: number
}

/**
 * Simulates one class: reading = expected value at the level x (1 + group offset) + spread from try to try,
 * a stopwatch adding the reaction of the hand; rounded to the mark and clipped to the scale; now and then a
 * try goes wrong. Levels between the first and the last are expected on a straight line, numbers by their
 * value, kinds evenly spaced in the order listed.
 *
 * "Apart" is taken as the mean difference of two tries, which is 2/√π standard deviations.
 *
 * @param groups how many groups test
 * @example virtualClass(plan, { first: 14, last: 55, apart: 3 }, 6, random).cells.length // 24: six groups, four levels
 */
export function virtualClass(
  plan: Plan,
  expected: Expectation,
  groups: number,
  random: Random,
): VirtualClass {
  const { unit, instrument } = plan.measured
  const normal = normalRandom(random)
  const atLevel = expectedValues(plan, expected)
  const reaction =
    unitDefinition(unit).dimension === 'time' ? convertUnit(reactionSd, 's', unit) * Math.SQRT2 : 0
  const trySd = Math.hypot((expected.apart * Math.sqrt(Math.PI)) / 2, reaction)
  const toUnit = (amount: number) => convertUnit(amount, instrument.unit, unit)
  const [least, greatest] = [toUnit(instrument.least), toUnit(instrument.greatest)]
  const step = toUnit(instrument.smallestMark) - toUnit(0)
  const mark = plan.rounding === 'half-mark' ? step / 2 : step
  let clipped = 0
  const read = (value: number) => {
    const spoilt = random() < classAssumptions.mishapRate ? 0.3 + 0.6 * random() : 1
    const shown = roundToMark((value + trySd * normal()) * spoilt, mark)
    if (shown > greatest || shown < least) clipped++
    return Math.min(greatest, Math.max(least, shown))
  }
  const cells: Cell[] = []
  const testing = plan.whoTests === 'whole-class' ? 1 : groups
  for (let place = 0; place < testing; place++) {
    const factor = 1 + classAssumptions.groupSpread * normal()
    for (const level of levelsForGroup(plan, place)) {
      const values = Array.from({ length: plan.tries }, () => read(atLevel.get(level.id)! * factor))
      cells.push({
        groupId: `g${place}`,
        levelId: level.id,
        values,
        summary: summariseCell(values, plan.summary),
      })
    }
  }
  return { cells, clipped, readings: cells.length * plan.tries }
}

/**
 * The expected value at each level, by level id.
 * @example expectedValues(plan, { first: 10, last: 30, apart: 1 }).get('h40') // 20
 */
export function expectedValues(
  plan: Pick<Plan, 'changed' | 'levels'>,
  { first, last }: Expectation,
): Map<string, number> {
  const levels = orderedLevels(plan)
  const places = levels.map((level, index) => (plan.changed.kind === 'number' ? (level.value ?? 0) : index))
  const [from, to] = [places[0] ?? 0, places.at(-1) ?? 0]
  return new Map(
    levels.map((level, index) => [
      level.id,
      to === from ? mean([first, last]) : first + ((last - first) * (places[index]! - from)) / (to - from),
    ]),
  )
}
