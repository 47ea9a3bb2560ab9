import type { Cell } from '../evidence'

/**
 * How differently two groups ordered what they compared, from 0 (the same order) to 1 (the other way round): the share of pairs of levels
 * that they put in another order, where one found two of them alike half as much. 0 where they have no two levels in common.
 * @param cells of the lesson, with the centre of each group at each level
 * @example disagreement(cells, 'leaf', 'bell') // 0: the higher, the higher, for both
 */
export function disagreement(cells: readonly Cell[], a: string, b: string): number {
  const of = (groupId: string) =>
    new Map(
      cells.filter((cell) => cell.groupId === groupId).map((cell) => [cell.levelId, cell.summary.centre]),
    )
  const [first, second] = [of(a), of(b)]
  const common = [...first].flatMap(([levelId, value]) => {
    const other = second.get(levelId)
    return other === undefined ? [] : [[value, other] as const]
  })
  let [pairs, apart] = [0, 0]
  for (const [place, one] of common.entries())
    for (const other of common.slice(place + 1)) {
      const [ours, theirs] = [Math.sign(one[0] - other[0]), Math.sign(one[1] - other[1])]
      pairs++
      apart += Math.abs(ours - theirs) / 2
    }
  return pairs === 0 ? 0 : apart / pairs
}
