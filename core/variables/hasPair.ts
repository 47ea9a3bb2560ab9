import { comparesSides } from '../comparison'
import { looksAtVariation, type Plan } from '../plan'

/**
 * Whether nothing needs to be changed: one thing is compared with itself, or one setting is tried many times.
 * @example changesNothing(plan) // false: the drop height is changed
 */
export const changesNothing = (plan: Plan): boolean =>
  plan.changed.name.trim() === '' && (looksAtVariation(plan) || comparesSides(plan))

/**
 * Whether a plan says what is changed, where anything is, and what is measured.
 * @example hasPair(plan) // true
 */
export const hasPair = (plan: Plan): boolean =>
  plan.measured.name.trim() !== '' && (plan.changed.name.trim() !== '' || changesNothing(plan))
