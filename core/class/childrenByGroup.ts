import { defined } from '../defined'

/**
 * How many children each group has, in the order of the groups. Those who are in none yet are thought of where there are fewest.
 * @param groupIds the groups that take part
 * @param pupils the children that take part, each with its group
 * @example childrenByGroup(['leaf', 'star'], [{ groupId: 'leaf' }, { groupId: 'leaf' }, { groupId: null }]) // [2, 1]
 */
export function childrenByGroup(
  groupIds: readonly string[],
  pupils: readonly { groupId: string | null }[],
): number[] {
  const counts = groupIds.map((id) => pupils.filter(({ groupId }) => groupId === id).length)
  if (counts.length === 0) return []
  const placed = counts.reduce((sum, one) => sum + one, 0)
  for (let left = pupils.length - placed; left > 0; left--) {
    const fewest = counts.indexOf(Math.min(...counts))
    counts[fewest] = defined(counts[fewest]) + 1
  }
  return counts
}
