import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { wayOf } from './registry'

/** What was read at one moment of a level, of one group or of all (null), a number a try. */
export type ReadingsAt = (levelId: string, moment: string, groupId: string | null) => number[]

/**
 * The moments of a try that are read for themselves, in their order: not the empty container. None where a try is one reading.
 * @example readMoments(plan) // []: a bounce is read once
 */
export function readMoments(plan: Plan): string[] {
  const columns = wayOf(plan)
    .columns(plan)
    .filter(({ once }) => !once)
  const moments = [...new Set(columns.map(({ moment }) => moment))]
  return moments.length > 1 ? moments : []
}

/**
 * Looks up what was read at a moment, the container taken off, in the unit in which it is read now.
 * @param counted the entries that stand and count
 * @example readingsAt(plan, [])('h20', '', 'leaf') // []
 */
export function readingsAt(plan: Plan, counted: readonly Entry[]): ReadingsAt {
  const way = wayOf(plan)
  return (levelId, moment, groupId) =>
    counted
      .filter(
        (entry) =>
          entry.levelId === levelId &&
          entry.moment === moment &&
          (groupId === null || entry.groupId === groupId),
      )
      .flatMap((entry) => way.netReading(plan, counted, entry) ?? [])
}
