import { levelsForGroup, orderedLevels, type Level, type Plan } from '../plan'

/**
 * The levels that a group tests, in the order of comparison, which is that of their letters.
 * @example ownLevels(plan, 0).map((level) => level.id) // ['h20', 'h40', 'h60']
 */
export function ownLevels(plan: Plan, groupIndex: number): Level[] {
  const own = new Set(levelsForGroup(plan, groupIndex).map((level) => level.id))
  return orderedLevels(plan).filter((level) => own.has(level.id))
}
