import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import type { ReadWith } from '../entries'

/**
 * What a plan reads with as it is now.
 * @example instrumentNow(plan) // { instrument: 'metre stick', unit: 'cm', mark: 1 }
 */
export function instrumentNow(plan: Plan): ReadWith {
  const { unit, instrument } = plan.measured
  return { instrument: instrument.name, unit, mark: resolutionOf(plan).mark }
}
