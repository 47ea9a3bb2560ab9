import { comparesSides } from '../comparison'
import { fromCupboard, type CupboardInstrument } from '../instrument'
import { planLimits, suggestLevel, type Expectation, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { valueSaid } from '../words'
import { testingMinutes, type FitsContext } from '../timetable'
import { expectedValues } from '../plan'
import { longerTimes } from './longerTimes'

/** A plan one step away, with what is then expected and what it costs. */
export interface NeighbourPlan {
  label: string
  plan: Plan
  /** What is different in it, beside what is expected. */
  changes: Partial<Plan>
  expected: Expectation
  /** Minutes more (or fewer) of testing, with what the groups share. */
  extraMinutes: number
}

/**
 * The plans one step away that could show more: a try more, the last level a step further out,
 * a finer or a longer instrument from the cupboard; where a time is too short for a hand, a longer one or a distance in its place.
 * @param time what time goes by
 * @param cupboard the instruments that may be taken instead
 * @example neighbourPlans(plan, expected, context)[0].label // '4 tries instead of 3'
 */
export function neighbourPlans(
  plan: Plan,
  expected: Expectation,
  time: FitsContext,
  cupboard: readonly CupboardInstrument[] = time.cupboard,
): NeighbourPlan[] {
  const minutes = testingMinutes(plan, time)
  const made = (label: string, changes: Partial<Plan>, then = expected): NeighbourPlan => {
    const next = { ...plan, ...changes, expected: then }
    return { label, plan: next, changes, expected: then, extraMinutes: testingMinutes(next, time) - minutes }
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
  for (const longer of longerTimes(plan, expected, cupboard))
    neighbours.push(made(longer.label, longer.changes, longer.expected))
  return neighbours
}

/** The last level moved out by one step, expected on the same straight line. */
function widerLevels(
  plan: Plan,
  expected: Expectation,
): { label: string; levels: Plan['levels']; expected: Expectation } | null {
  const value = suggestLevel(plan)
  if (value === null || plan.levels.length < 2 || comparesSides(plan)) return null
  const values = plan.levels.flatMap((level) => level.value ?? [])
  const [least, greatest] = [Math.min(...values), Math.max(...values)]
  if (greatest === least) return null
  const slope = (expected.last - expected.first) / (greatest - least)
  return {
    label: `${valueSaid(plan, value)} instead of ${valueSaid(plan, greatest)}`,
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
