import { fromCupboard, instrumentCupboard, type CupboardInstrument } from '../instrument'
import { levelsForGroup, planLimits, suggestLevel, type Expectation, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { expectedValues } from './expectedValues'

/** A plan one step away, with what is then expected and what it costs. */
export interface NeighbourPlan {
  label: string
  plan: Plan
  expected: Expectation
  /** Minutes more (or fewer) of testing for each group. */
  extraMinutes: number
}

/** Setting up and clearing away one try, in seconds: a stated assumption beside the instrument's own time. */
const setUpSeconds = 40

/**
 * How long one group tests, in minutes: every try is set up, read and cleared; practice tries too.
 * @example testingMinutes(plan) // 8: 9 tries and 1 practice try of 48 s
 */
export function testingMinutes(plan: Plan): number {
  const tries = levelsForGroup(plan, 0).length * plan.tries + plan.practiceTries
  return (tries * (setUpSeconds + plan.measured.instrument.secondsPerReading)) / 60
}

/**
 * The plans one step away that could show more: a try more, the last level a step further out,
 * a finer or a longer instrument from the cupboard.
 * @param cupboard the instruments at hand
 * @example neighbourPlans(plan, expected)[0].label // '4 tries instead of 3'
 */
export function neighbourPlans(
  plan: Plan,
  expected: Expectation,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): NeighbourPlan[] {
  const minutes = testingMinutes(plan)
  const made = (label: string, changes: Partial<Plan>, then = expected): NeighbourPlan => {
    const next = { ...plan, ...changes, expected: then }
    return { label, plan: next, expected: then, extraMinutes: testingMinutes(next) - minutes }
  }
  const neighbours: NeighbourPlan[] = []
  if (plan.tries < planLimits.tries)
    neighbours.push(made(`${plan.tries + 1} tries instead of ${plan.tries}`, { tries: plan.tries + 1 }))
  const wider = widerLevels(plan, expected)
  if (wider) neighbours.push(made(wider.label, { levels: wider.levels }, wider.expected))
  for (const other of otherInstruments(plan, expected, cupboard))
    neighbours.push(
      made(`A ${other.name} instead`, { measured: { ...plan.measured, instrument: fromCupboard(other) } }),
    )
  return neighbours
}

/** The last level moved out by one step, expected on the same straight line. */
function widerLevels(
  plan: Plan,
  expected: Expectation,
): { label: string; levels: Plan['levels']; expected: Expectation } | null {
  const value = suggestLevel(plan)
  if (value === null || plan.levels.length < 2) return null
  const values = plan.levels.flatMap((level) => level.value ?? [])
  const [least, greatest] = [Math.min(...values), Math.max(...values)]
  if (greatest === least) return null
  const slope = (expected.last - expected.first) / (greatest - least)
  const symbol = plan.changed.unit ? ` ${unitDefinition(plan.changed.unit).symbol}` : ''
  return {
    label: `${value}${symbol} instead of ${greatest}${symbol}`,
    levels: plan.levels.map((level) => (level.value === greatest ? { ...level, value } : level)),
    expected: { ...expected, last: expected.first + slope * (value - least) },
  }
}

/** Instruments of the cupboard that are finer and still long enough, or longer where the scale is too short. */
function otherInstruments(plan: Plan, expected: Expectation, cupboard: readonly CupboardInstrument[]) {
  const now = plan.measured.instrument
  const largest = Math.max(...expectedValues(plan, expected).values())
  const { dimension } = unitDefinition(now.unit)
  return cupboard.filter((other) => {
    if (other.dimension !== dimension || other.unit !== now.unit || other.name === now.name) return false
    const finer = other.smallestMark < now.smallestMark && other.greatest >= largest
    const longer =
      other.greatest > now.greatest && largest > 0.8 * now.greatest && other.smallestMark <= now.smallestMark
    return finer || longer
  })
}
