import type { Plan, SidesKind } from '../plan'
import { wayOf, type Sides } from '../recording'

/**
 * What of one try a plan's way of recording sets beside each other; null where there is nothing of the kind, or where it can't be compared.
 * @example sidesFor(plan) // null: a plan that measures once
 */
export function sidesFor(plan: Plan): Sides | null {
  const { sides } = wayOf(plan)
  return sides && sides.names(plan).length >= 2 && sides.refused(plan) === null ? sides : null
}

/**
 * What a plan compares inside of one try; null where it compares its levels, or nothing. Where nobody has said, one level alone is
 * compared with itself, and several, or those still to come, are compared with each other.
 * @example sidesOf(plan) // null: three drop heights are compared
 */
export function sidesOf(plan: Plan): Sides | null {
  const sides = sidesFor(plan)
  if (!sides || plan.comparison === 'variation' || plan.comparison === 'levels') return null
  return plan.comparison === undefined && plan.levels.length !== 1 ? null : sides
}

/**
 * Whether a plan compares one thing with itself, parts with the whole, or places: then one level is enough.
 * @example comparesSides(plan) // false
 */
export const comparesSides = (plan: Plan): boolean => sidesOf(plan) !== null

/**
 * The plan turned to comparing what its way sets beside each other, or back to comparing its levels. No reading is lost by it.
 * @example withComparison(plan, 'levels').comparison // 'levels'
 */
export const withComparison = (plan: Plan, comparison: SidesKind | 'levels'): Plan => ({
  ...plan,
  comparison,
  // What was expected is of another scale.
  expected: comparison === plan.comparison ? plan.expected : null,
})
