import type { Plan } from '../plan'
import { wayOf, ways } from './registry'

/**
 * What is to be known of a plan's way because somebody works its number out by hand, now or in an earlier version; null where nobody
 * does.
 * @example wayNote(plan) // null for a plan that measures once
 */
export function wayNote(plan: Pick<Plan, 'recording'>): string | null {
  const { byHand, oneEntry } = wayOf(plan)
  if (byHand)
    return `Its own way of writing down is still to come. Until then it takes one number for each try: ${oneEntry}.`
  const was = 'was' in plan.recording ? plan.recording.was : undefined
  const before = ways.find((way) => way.kind === was)
  return before
    ? `These numbers were worked out by hand in the way “${before.name}”, so they stay as they are, measured once. A new lesson can read them as they are seen.`
    : null
}
