import { defined } from '../defined'
import type { ScoreTable } from './scoreTable'

/** What each group that tested both levels found, and how many tested either of them beside another level. */
export function groupDifferences(
  { centres, counts, levels, groups }: ScoreTable,
  a: number,
  b: number,
): { differences: number[]; either: number } {
  const differences: number[] = []
  let either = 0
  for (let group = 0; group < groups; group++) {
    const row = group * levels
    const [atA, atB] = [defined(counts[row + a]) > 0, defined(counts[row + b]) > 0]
    if (atA && atB) differences.push(apart(defined(centres[row + a]), defined(centres[row + b])))
    if (!atA && !atB) continue
    for (let other = 0; other < levels; other++)
      if (other !== (atA ? a : b) && defined(counts[row + other]) > 0) {
        either++
        break
      }
  }
  return { differences, either }
}

/** The difference of two scores; two that never came are tied. */
export function apart(one: number, other: number): number {
  return one === other ? 0 : one - other
}

let room = new Float64Array(4096)

/**
 * All differences of a try at one level and a try at the other in the same group, or in the same heat, sorted, and how many groups
 * gave any. The list is written over by the next call.
 * @example pairDifferences(table, 1, 0).sorted.length // 18: two groups, three tries each
 */
export function pairDifferences(
  { values, counts, levels, groups, room: tries, inHeats }: ScoreTable,
  a: number,
  b: number,
): { sorted: Float64Array; groups: number } {
  let count = 0
  let comparing = 0
  for (let group = 0; group < groups; group++) {
    const [cellA, cellB] = [group * levels + a, group * levels + b]
    const [countA, countB] = [defined(counts[cellA]), defined(counts[cellB])]
    if (countA === 0 || countB === 0) continue
    comparing++
    if (count + countA * countB > room.length) {
      const larger = new Float64Array(2 * (count + countA * countB))
      larger.set(room)
      room = larger
    }
    for (let i = 0; i < countA; i++)
      for (let j = inHeats ? i : 0; j < (inHeats ? Math.min(i + 1, countB) : countB); j++)
        room[count++] = apart(defined(values[cellA * tries + i]), defined(values[cellB * tries + j]))
  }
  return { sorted: room.subarray(0, count).sort(), groups: comparing }
}
