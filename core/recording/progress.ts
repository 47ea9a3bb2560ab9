import type { Plan } from '../plan'
import { slotKey, type Entry, type Slot, type Standing } from '../entries'
import { wayOf } from './registry'

/** How far a group has come, and what it does next. */
export interface GroupProgress {
  done: number
  needed: number
  next: Slot | null
}

/** What a group is asked to fill, by what it has found so far. */
function asked(plan: Plan, groupId: string, groupIndex: number, counted: readonly Entry[]): Slot[] {
  const way = wayOf(plan)
  return way.askedSlots
    ? way.askedSlots(plan, groupId, groupIndex, counted)
    : way.slots(plan, groupId, groupIndex)
}

/** Whether a slot needs nothing more of its group; where two devices filled it, the teacher chooses. */
const isFilled = ({ slots }: Standing, slot: Slot) => {
  const state = slots.get(slotKey(slot))
  return state !== undefined && (state.counted !== null || state.contested.length > 0)
}

/**
 * How many of a group's slots hold an entry, and the first that holds none and is read now.
 * @param due the moments that are read today; null where any may be
 * @example groupProgress(plan, 'g', 0, standingOf([])).next.levelId // 'h20'
 */
export function groupProgress(
  plan: Plan,
  groupId: string,
  groupIndex: number,
  standing: Standing,
  due: readonly string[] | null = null,
): GroupProgress {
  const slots = asked(plan, groupId, groupIndex, standing.counted)
  const open = slots.filter((slot) => !isFilled(standing, slot))
  return {
    done: slots.length - open.length,
    needed: slots.length,
    next: open.find((slot) => due === null || due.includes(slot.moment)) ?? null,
  }
}

/**
 * How many of the slots at each level hold an entry, over all groups that test it, by level id.
 * @param groupIds the groups of the class, in order
 * @example levelProgress(plan, ['leaf', 'bell', 'moon'], standing).get('h20') // { done: 6, needed: 9 }
 */
export function levelProgress(
  plan: Plan,
  groupIds: readonly string[],
  standing: Standing,
): Map<string, { done: number; needed: number }> {
  const way = wayOf(plan)
  const levels = new Map(plan.levels.map((level) => [level.id, { done: 0, needed: 0 }]))
  for (const [groupIndex, groupId] of groupIds.entries())
    for (const slot of asked(plan, groupId, groupIndex, standing.counted))
      for (const levelId of way.levelsOfSlot(plan, slot, groupIndex)) {
        const level = levels.get(levelId)
        if (!level) continue
        level.needed++
        if (isFilled(standing, slot)) level.done++
      }
  return levels
}

/**
 * How many slots of a class are still to be read today.
 * @param days the school days of the lesson
 * @returns null where nothing is read by the day
 * @example dueToday(sprouts, ['a', 'b'], standing, days, '2026-03-11') // 6
 */
export function dueToday(
  plan: Plan,
  groupIds: readonly string[],
  standing: Standing,
  days: readonly string[],
  today: string,
): number | null {
  const way = wayOf(plan)
  const due = way.momentsDue(plan, days, today)
  if (due === null) return null
  return groupIds
    .flatMap((groupId, groupIndex) => way.slots(plan, groupId, groupIndex))
    .filter((slot) => due.includes(slot.moment) && !isFilled(standing, slot)).length
}
