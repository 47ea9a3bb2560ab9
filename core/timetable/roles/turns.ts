import type { Plan } from '../../plan'
import type { Slot } from '../../entries'
import { wayOf } from '../../recording'

/** What one turn of roles lasts: a try; or a moment, where containers stand side by side and are read again and again. */
const turnKey = (plan: Plan, { levelId, tryNumber, moment }: Slot): string =>
  wayOf(plan).needs(plan.recording).sideBySide && wayOf(plan).layout(plan) !== 'together'
    ? `${tryNumber}|${moment}`
    : `${levelId}|${tryNumber}|${wayOf(plan).layout(plan) === 'together' ? moment : ''}`

/**
 * How many turns of roles a group has in a lesson.
 * @example turnsIn(plan, 'leaf', 0) // 9: three levels, three tries each
 */
export const turnsIn = (plan: Plan, groupId: string, groupIndex: number): number =>
  new Set(
    wayOf(plan)
      .slots(plan, groupId, groupIndex)
      .map((slot) => turnKey(plan, slot)),
  ).size

/**
 * Which turn a slot belongs to, counted from 0 in the order in which the group works.
 * @example turnAt(plan, 0, { groupId: 'leaf', levelId: 'h20', tryNumber: 2, moment: '' }) // 1
 */
export function turnAt(plan: Plan, groupIndex: number, slot: Slot): number {
  const keys = [
    ...new Set(
      wayOf(plan)
        .slots(plan, slot.groupId, groupIndex)
        .map((one) => turnKey(plan, one)),
    ),
  ]
  return Math.max(0, keys.indexOf(turnKey(plan, slot)))
}

/**
 * How many turns of a group have something written down.
 * @example turnsTaken(plan, 'leaf', 0, counted) // 9
 */
export function turnsTaken(
  plan: Plan,
  groupId: string,
  groupIndex: number,
  counted: readonly Slot[],
): number {
  const keys = new Set(
    wayOf(plan)
      .slots(plan, groupId, groupIndex)
      .map((slot) => turnKey(plan, slot)),
  )
  const taken = counted.filter((one) => one.groupId === groupId).map((one) => turnKey(plan, one))
  return new Set(taken.filter((key) => keys.has(key))).size
}
