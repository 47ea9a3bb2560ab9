import type { Plan, ResultScale } from '../plan'
import type { Unit } from '../quantity'

/**
 * The plan as scores stand that have an order and no distances: no instrument reads them, and several of them have a middle alone.
 * @param unit of a time; places and words are counted
 * @example ordinalPlan(race, 'finishing place', { kind: 'place' }).summary // 'median'
 */
export function ordinalPlan(plan: Plan, name: string, scale: ResultScale, unit: Unit = 'count'): Plan {
  const steps = { smallestMark: 1, numberedEvery: 1, least: 0, greatest: 1000 }
  return {
    ...plan,
    summary: 'median',
    rounding: 'mark',
    expected: null,
    measured: { name, unit, scale, instrument: { ...plan.measured.instrument, ...steps, unit } },
  }
}
