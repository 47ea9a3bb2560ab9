import type { Plan } from '../../plan'
import { unitDefinition, stripRoundingNoise } from '../../quantity'
import type { Entry, Slot } from '../../entries'
import { numberOf } from '../numberOf'
import type { ReadRow } from '../way'

/** How the mass or volume of a container is kept out of what is read. */
export type ContainerAnswer = 'none' | 'zeroed' | 'weighed'

/** The moment at which a container is read by itself, once for each level. */
export const containerMoment = 'container, empty'

/** Only what can be weighed or poured stands in a container that would be read along with it. */
export const canBeContained = ({ measured }: Pick<Plan, 'measured'>): boolean =>
  ['mass', 'volume'].includes(unitDefinition(measured.unit).dimension)

/**
 * How a plan keeps the container out.
 * @example containerOf(plan) // 'none' for a plan in degrees
 */
export function containerOf(plan: Pick<Plan, 'recording' | 'measured'>): ContainerAnswer {
  const { recording } = plan
  return 'container' in recording && canBeContained(plan) ? recording.container : 'none'
}

/**
 * What each level's empty container reads, by group and level.
 * @example emptyContainers(plan, counted).get('leaf|jar') // undefined; 40 for a jar of 40 g
 */
export function emptyContainers(plan: Plan, counted: readonly Entry[]): Map<string, number> {
  const empty = new Map<string, number>()
  if (containerOf(plan) !== 'weighed') return empty
  for (const entry of counted) {
    const value = entry.moment === containerMoment ? numberOf(plan, entry) : null
    if (value !== null) empty.set(containerKey(entry), value)
  }
  return empty
}

/** Where the container of a slot is kept. */
export const containerKey = ({ groupId, levelId }: Pick<Slot, 'groupId' | 'levelId'>): string =>
  `${groupId}|${levelId ?? ''}`

/**
 * The readings of each try at the moments of the plan, the container taken off. Where it is weighed, nothing is known of a try before
 * that has been done.
 * @example readRows(plan, [], ['before', 'after']) // []; values 160 and 148 for a jar of 40 g that read 200 g and 188 g
 */
export function readRows(plan: Plan, counted: readonly Entry[], moments: readonly string[]): ReadRow[] {
  const empty = emptyContainers(plan, counted)
  const weighed = containerOf(plan) === 'weighed'
  const rows = new Map<string, ReadRow>()
  for (const entry of counted) {
    const { groupId, levelId, tryNumber, moment } = entry
    const [at, value] = [moments.indexOf(moment), numberOf(plan, entry)]
    const off = weighed ? (empty.get(containerKey(entry)) ?? null) : 0
    if (at < 0 || levelId === null || value === null || off === null) continue
    const key = `${containerKey(entry)}|${tryNumber}`
    const row = rows.get(key) ?? {
      groupId,
      levelId,
      tryNumber,
      values: moments.map((): number | null => null),
    }
    row.values[at] = stripRoundingNoise(value - off)
    rows.set(key, row)
  }
  return [...rows.values()]
}
