import type { Score } from '../evidence'
import type { Plan } from '../plan'
import { slotKey, slotStates, type Entry, type Slot } from '../record'
import { wayOf } from './registry'

/**
 * The scores of a lesson: what its way of recording makes of the entries that stand and count. A slot that two devices
 * have filled counts for neither until somebody has chosen.
 * @param entries every entry ever made
 * @example scoresOf(plan, entries)[0] // { id: 'r1', groupId: 'leaf', levelId: 'h20', tryNumber: 1, value: 13 }
 */
export function scoresOf(plan: Plan, entries: readonly Entry[]): Score[] {
  const counted = [...slotStates(entries).values()].flatMap((state) => state.counted ?? [])
  return wayOf(plan).scores(plan, counted)
}

/**
 * What stands beside one slot, as it was read: what an entry there is compared with while it is typed.
 * @example scoresBeside(plan, entries, slot).length
 */
export function scoresBeside(plan: Plan, entries: readonly Entry[], slot: Slot): Score[] {
  const key = slotKey(slot)
  const counted = [...slotStates(entries).values()].flatMap((state) => state.counted ?? [])
  return wayOf(plan).comparable(
    plan,
    counted.filter((one) => slotKey(one) !== key),
    slot,
  )
}
