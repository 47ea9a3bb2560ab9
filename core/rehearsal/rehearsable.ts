import { comparesSides, scoredPlan } from '../comparison'
import type { Expectation, Plan } from '../plan'
import { wayOf } from '../recording'

/**
 * Whether a plan can be rehearsed: its way of recording can, it is said what to expect, and there are two levels or more, or two sides of
 * one, each of them said, and a try.
 * @example isRehearsable(plan) // false: nobody has said what to expect
 */
export function isRehearsable(plan: Plan): plan is Plan & { expected: Expectation } {
  const isSaid = plan.levels.every((level) =>
    plan.changed.kind === 'number' ? level.value !== null : level.name.trim() !== '',
  )
  return (
    unrehearsedBecause(plan) === null &&
    plan.expected !== null &&
    plan.tries > 0 &&
    plan.levels.length > 0 &&
    scoredPlan(plan).levels.length > 1 &&
    isSaid
  )
}

/**
 * Why a plan's class isn't rehearsed, and what to look at instead; null where it can be.
 * @example unrehearsedBecause(plan) // null
 */
export function unrehearsedBecause(plan: Plan): string | null {
  if (plan.whoTests === 'whole-class' && !comparesSides(plan))
    return 'Done once for all, a result can lean one way at most: nobody knows what the set-up did. Several groups, or more set-ups, would make it sure.'
  return wayOf(plan).unrehearsed
}
