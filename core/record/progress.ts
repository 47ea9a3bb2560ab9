import { levelsForGroup, type Plan } from '../plan'
import { slotStates } from './currentReadings'
import { slotKey, type Reading, type Slot } from './reading'

/**
 * Every slot that a group has to fill, in working order: all tries of one level, then the next level.
 * @param place the group's place in the class, from 0; in a whole-class test only place 0 has slots
 * @example groupSlots(plan, 'g', 0).length // 5 levels x 3 tries = 15
 */
export function groupSlots(plan: Plan, groupId: string, place: number): Slot[] {
  return levelsForGroup(plan, place).flatMap((level) =>
    Array.from({ length: plan.tries }, (_, index) => ({ groupId, levelId: level.id, tryNumber: index + 1 })),
  )
}

/** How far a group has come, and what it does next. */
export interface GroupProgress {
  done: number
  needed: number
  next: Slot | null
}

/**
 * How many of a group's slots hold a counted reading, and the first that holds none.
 * @example groupProgress(plan, 'g', 0, []).next // the first try of the first level
 */
export function groupProgress(
  plan: Plan,
  groupId: string,
  place: number,
  readings: readonly Reading[],
): GroupProgress {
  const slots = groupSlots(plan, groupId, place)
  const states = slotStates(readings)
  const open = slots.filter((slot) => !states.get(slotKey(slot))?.counted)
  return { done: slots.length - open.length, needed: slots.length, next: open[0] ?? null }
}

/**
 * How many of the slots at each level hold a counted reading, over all groups that test it, by level id.
 * @param groupIds the groups of the class, in order
 * @example levelProgress(plan, ['a', 'b'], readings).get('h20') // { done: 2, needed: 6 }
 */
export function levelProgress(
  plan: Plan,
  groupIds: readonly string[],
  readings: readonly Reading[],
): Map<string, { done: number; needed: number }> {
  const states = slotStates(readings)
  const levels = new Map(plan.levels.map((level) => [level.id, { done: 0, needed: 0 }]))
  for (const [place, groupId] of groupIds.entries())
    for (const slot of groupSlots(plan, groupId, place)) {
      const level = levels.get(slot.levelId)!
      level.needed++
      if (states.get(slotKey(slot))?.counted) level.done++
    }
  return levels
}
