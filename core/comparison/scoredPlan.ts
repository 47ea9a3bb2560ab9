import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { wayOf } from '../recording'
import { sidesOf } from './sidesOf'
import { sidesPlan } from './sidesPlan'

/**
 * A plan as its scores are measured, for everything that prints results: for beats counted in 15 s the beats a minute; where one thing is
 * compared with itself, with its moments in place of levels.
 * @param counted the entries that stand and count; where starts differ, a change is a share
 * @example scoredPlan(beats).measured.name // 'heart beats a minute'
 */
export function scoredPlan(plan: Plan, counted: readonly Entry[] = []): Plan {
  const sides = sidesOf(plan)
  return sides ? sidesPlan(plan, sides, counted) : wayOf(plan).scored(plan, counted)
}
