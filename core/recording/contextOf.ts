import type { Plan } from '../plan'
import { slotKey, type Entry, type Slot } from '../entries'
import type { EntryContext } from './entryValidation'
import { wayOf } from './registry'

/**
 * What an entry of a slot is looked at beside while it is typed: what others have read there, and what its own row holds.
 * @param counted the entries that stand and count
 * @example contextOf(plan, counted, slot).others.length // 26
 */
export function contextOf(plan: Plan, counted: readonly Entry[], slot: Slot): EntryContext {
  const key = slotKey(slot)
  const besides = counted.filter((one) => slotKey(one) !== key)
  const way = wayOf(plan)
  const row = besides.filter((one) => one.groupId === slot.groupId && way.isInRow(slot, one))
  return { slot, row, others: way.comparable(plan, besides, slot), inRounds: way.improves }
}
