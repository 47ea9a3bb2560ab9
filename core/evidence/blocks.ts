import type { Level } from '../plan'
import type { Cell } from './cells'

/** What one block (a group, or one round of tries) got at each level; null where it has nothing. */
export type Block = (number | null)[]

/**
 * The blocks that are compared within themselves: the groups; or, when only one group has tested, its rounds
 * of tries, first tries with first tries and so on.
 * @param levels in the order of comparison
 * @example blocksOf(levels, cells) // [[13, 26, 38], [12, 24, 39]]: two groups, three levels
 */
export function blocksOf(levels: readonly Level[], cells: readonly Cell[]): Block[] {
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const cellAt = (groupId: string, level: Level) =>
    cells.find((cell) => cell.groupId === groupId && cell.levelId === level.id)
  if (groupIds.length !== 1)
    return groupIds.map((groupId) => levels.map((level) => cellAt(groupId, level)?.summary.centre ?? null))
  const own = levels.map((level) => cellAt(groupIds[0]!, level)?.values ?? [])
  const rounds = Math.max(0, ...own.map((values) => values.length))
  return Array.from({ length: rounds }, (_, round) => own.map((values) => values[round] ?? null))
}

/**
 * A block without its empty places.
 * @example presentIn([1, null, 3]) // [1, 3]
 */
export function presentIn(block: Block): number[] {
  return block.filter((value): value is number => value !== null)
}
