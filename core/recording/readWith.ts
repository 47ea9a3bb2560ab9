import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import type { ReadWith } from '../record'

/**
 * What an entry is read with by a plan as it is now, kept with the entry.
 * @example readWithOf(plan) // { instrument: 'metre stick', unit: 'cm', mark: 1 }
 */
export function readWithOf(plan: Plan): ReadWith {
  const { unit, instrument } = plan.measured
  return { instrument: instrument.name, unit, mark: resolutionOf(plan).mark }
}
