import type { Level, Plan, SidesKind } from '../plan'
import type { Sides } from '../recording'
import type { Entry } from '../entries'

const called: Record<SidesKind, string> = { itself: 'moment', parts: 'way of measuring', places: 'place' }

/** The id of a side, by its place: it stays when somebody calls it something else. */
const sideId = (place: number): string => `side-${place + 1}`

/**
 * The sides of a plan as levels, so that everything that works on levels works on them.
 * @example sideLevels(['before', 'after'])[1].id // 'side-2'
 */
export const sideLevels = (names: readonly string[]): Level[] =>
  names.map((name, place) => ({
    id: sideId(place),
    name,
    value: null,
    baseline: place === 0,
    picture: null,
  }))

/**
 * A plan as its sides are compared: they take the place of its levels, which are kept besides.
 * @param sides what is compared, with the entries that count
 * @example sidesPlan(dough, sides, []).levels.map((level) => level.name) // ['as a lump', 'pressed flat']
 */
export function sidesPlan(plan: Plan, sides: Sides, counted: readonly Entry[]): Plan {
  const { changed, levels } = plan
  const scored = sides.scored(plan, counted)
  return {
    ...scored,
    // Differences of means are means of differences; what never came has a middle only.
    summary: plan.summary === 'none' ? 'none' : scored.measured.scale ? 'median' : 'mean',
    comparison: sides.kind,
    changed: { name: called[sides.kind], kind: 'kinds', unit: null, range: null },
    levels: sideLevels(sides.names(plan)),
    properties: [],
    levelOrder: 'own',
    whoTests: plan.whoTests === 'whole-class' ? 'whole-class' : 'all-levels',
    besides: { changed, levels },
  }
}
