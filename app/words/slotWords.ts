import { levelName, type Plan } from '#core/plan'
import type { Slot } from '#core/record'

/**
 * A place in words: "Leaf, 20 cm, try 2".
 * @example slotWords({ plan, groups }, slot)
 */
export function slotWords(
  { plan, groups }: { plan: Plan; groups: readonly { id: string; name: string }[] },
  { groupId, levelId, tryNumber, moment }: Slot,
): string {
  const level = plan.levels.find((one) => one.id === levelId)
  return [
    groups.find((one) => one.id === groupId)?.name ?? 'a group',
    ...(levelId === null ? [] : [level ? levelName(plan, level) : 'a level no longer in the plan']),
    `try ${tryNumber}`,
    ...(moment === '' ? [] : [moment]),
  ].join(', ')
}
