import type { Plan } from '../plan'
import type { Entry } from '../record'
import { wayOf } from './registry'
import { countedOf } from './scoresOf'

/**
 * A plan as its scores are measured, for everything that prints results: for beats counted in 15 s the beats a minute.
 * @param entries every entry ever made; where starts differ, a change is a share
 * @example scoredPlan(plan).measured.name // 'heart beats a minute'
 */
export function scoredPlan(plan: Plan, entries: readonly Entry[] = []): Plan {
  return wayOf(plan).scored(plan, countedOf(entries))
}
