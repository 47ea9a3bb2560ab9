import type { Plan } from '../plan'
import { wayOf } from './registry'

/** Fewer than this no lesson is held to, however small its plan. */
const always = 2000
/** How often each place of a plan may be corrected, repeated or spoilt. */
const perPlace = 10

/**
 * The most entries that a lesson may hold: ten for each place that its plan has in all groups, and at least 2,000. What comes beyond is no
 * lesson any more, and every screen would have to carry it.
 * @param groupIds the groups that take part, in their order
 * @example mostEntries(plan, ['leaf', 'bell']) // 2000
 */
export function mostEntries(plan: Plan, groupIds: readonly string[]): number {
  const places = groupIds.map((id, index) => wayOf(plan).slots(plan, id, index).length)
  return Math.max(always, perPlace * places.reduce((sum, count) => sum + count, 0))
}
