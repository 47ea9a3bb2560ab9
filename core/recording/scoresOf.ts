import type { Score } from '../evidence'
import type { Plan } from '../plan'
import { slotKey, slotStates, type Entry, type Slot } from '../record'
import type { EntryContext } from './checkEntry'
import { wayOf } from './registry'

/**
 * The scores of a lesson: what its way of recording makes of the entries that stand and count. A slot that two devices
 * have filled counts for neither until somebody has chosen.
 * @param entries every entry ever made
 * @example scoresOf(plan, entries)[0] // { id: 'r1', groupId: 'leaf', levelId: 'h20', tryNumber: 1, value: 13 }
 */
export function scoresOf(plan: Plan, entries: readonly Entry[]): Score[] {
  return wayOf(plan).scores(plan, countedOf(entries))
}

/**
 * What an entry of a slot is looked at beside while it is typed: what others have read there, and what its own row holds.
 * @example contextOf(plan, entries, slot).others.length
 */
export function contextOf(plan: Plan, entries: readonly Entry[], slot: Slot): EntryContext {
  const key = slotKey(slot)
  const counted = countedOf(entries).filter((one) => slotKey(one) !== key)
  const way = wayOf(plan)
  const row = counted.filter((one) => one.groupId === slot.groupId && way.sameRow(slot, one))
  return { slot, row, others: way.comparable(plan, counted, slot) }
}

/**
 * The entries that stand and count.
 * @example countedOf(entries).length
 */
export function countedOf(entries: readonly Entry[]): Entry[] {
  return [...slotStates(entries).values()].flatMap((state) => state.counted ?? [])
}
