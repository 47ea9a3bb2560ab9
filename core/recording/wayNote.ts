import type { Plan } from '../plan'
import { ways } from './registry'

/**
 * What is to be known of a plan's numbers because somebody worked them out by hand in an earlier version; null where nobody did.
 * @example wayNote(plan) // null for a plan that measures once
 */
export function wayNote({ recording }: Pick<Plan, 'recording'>): string | null {
  const was = 'was' in recording ? recording.was : undefined
  const before = ways.find((way) => way.kind === was)
  return before
    ? `These numbers were worked out by hand in the way “${before.name}”, so they stay as they are, measured once. A new lesson can read them as they are seen.`
    : null
}
