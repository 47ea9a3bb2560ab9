import type { Plan, SidesKind } from '../plan'
import { listed } from '../quantity'
import type { Sides } from '../recording'

/** What sides are compared, where their names are not known. */
export const sidesCompared: Record<SidesKind, string> = {
  itself: 'one thing with itself',
  parts: 'parts with the whole',
  places: 'one place with another',
}

/**
 * What a plan compares inside of one try, as it stands behind "We compare".
 * @param sides of the plan (`sidesFor`)
 * @example sidesSaid(dough, sides) // 'as a lump with changed and a lump again'
 */
export function sidesSaid(plan: Plan, sides: Sides): string {
  if (sides.kind === 'parts') return 'the parts with the whole'
  const names = sides.names(plan).map((name) => (sides.kind === 'places' ? `the ${name}` : name))
  return `${names[0]!} with ${listed(names.slice(1))}`
}
