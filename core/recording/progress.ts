import type { Plan } from '../plan'
import { slotKey, slotStates, type Entry, type Slot } from '../record'
import { wayOf } from './registry'

/** How far a group has come, and what it does next. */
export interface GroupProgress {
  done: number
  needed: number
  next: Slot | null
}

/** Whether a slot needs nothing more of its group; where two devices filled it, the teacher chooses. */
const isFilled = (states: ReturnType<typeof slotStates>, slot: Slot) => {
  const state = states.get(slotKey(slot))
  return state !== undefined && (state.counted !== null || state.contested.length > 0)
}

/**
 * How many of a group's slots hold an entry, and the first that holds none.
 * @example groupProgress(plan, 'g', 0, []).next // the first try of the first level
 */
export function groupProgress(
  plan: Plan,
  groupId: string,
  place: number,
  entries: readonly Entry[],
): GroupProgress {
  const slots = wayOf(plan).slots(plan, groupId, place)
  const states = slotStates(entries)
  const open = slots.filter((slot) => !isFilled(states, slot))
  return { done: slots.length - open.length, needed: slots.length, next: open[0] ?? null }
}

/**
 * How many of the slots at each level hold an entry, over all groups that test it, by level id.
 * @param groupIds the groups of the class, in order
 * @example levelProgress(plan, ['a', 'b'], entries).get('h20') // { done: 2, needed: 6 }
 */
export function levelProgress(
  plan: Plan,
  groupIds: readonly string[],
  entries: readonly Entry[],
): Map<string, { done: number; needed: number }> {
  const states = slotStates(entries)
  const levels = new Map(plan.levels.map((level) => [level.id, { done: 0, needed: 0 }]))
  for (const [place, groupId] of groupIds.entries())
    for (const slot of wayOf(plan).slots(plan, groupId, place)) {
      const level = levels.get(slot.levelId ?? '')
      if (!level) continue
      level.needed++
      if (isFilled(states, slot)) level.done++
    }
  return levels
}
