import { slotKey, type Entry, type Slot } from '../entries'
import type { Plan } from '../plan'
import { wayOf } from '../recording'

/** The reason that stands at a reading which was set aside to be read once more. */
export const repeatReason = 'repeated after another group’s question'

/**
 * The readings of a group that it can take once more today, the last of each try; none where they hang on minutes or days that have
 * gone by.
 * @param counted the entries that stand and count
 * @example repeatableSlots(plan, counted, 'leaf')[0].tryNumber // 1
 */
export function repeatableSlots(plan: Plan, counted: readonly Entry[], groupId: string): Slot[] {
  const way = wayOf(plan)
  if (way.readMinutes(plan) !== null || way.momentsDue(plan, [], '') !== null) return []
  const own = counted.filter((entry) => entry.groupId === groupId)
  const tries = new Map<string, Slot>()
  for (const { levelId, tryNumber, moment } of own)
    tries.set(slotKey({ groupId, levelId, tryNumber, moment: '' }), { groupId, levelId, tryNumber, moment })
  return [...tries.values()]
}
