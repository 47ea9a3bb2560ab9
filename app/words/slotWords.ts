import type { Plan } from '#core/plan'
import { testersOf, type Tester } from '#core/lesson'
import type { Slot } from '#core/entries'
import { wayOf } from '#core/recording'

/**
 * A place in words: "Leaf, 20 cm, try 2".
 * @example slotWords({ plan, groups }, slot)
 */
export function slotWords({ plan, groups }: { plan: Plan; groups: readonly Tester[] }, slot: Slot): string {
  const testers = [...testersOf(plan, groups), ...groups]
  const group = testers.find((one) => one.id === slot.groupId)?.name ?? 'a group'
  return `${group}, ${wayOf(plan).slotName(plan, slot)}`
}
