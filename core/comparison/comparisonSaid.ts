import type { Plan, SidesKind } from '../plan'
import { listed } from '../quantity'
import type { Sides } from '../recording'
import { sideSaid } from '../words'

/** What sides are compared, where their names are not known. */
export const sidesCompared: Record<SidesKind, string> = {
  itself: 'one thing with itself',
  parts: 'parts with the whole',
  places: 'one place with another',
}

/**
 * What a plan compares inside of one try, as it stands behind "We compare".
 * @param sides of the plan (`sidesFor`)
 * @example sidesSaid(dough, sides) // 'it as a lump, pressed flat and as a lump again'
 */
export const sidesSaid = (plan: Plan, sides: Sides): string =>
  sides.kind === 'parts'
    ? 'the parts with the whole'
    : `it ${listed(sides.names(plan).map((name) => sideSaid(sides.kind, name)))}`
