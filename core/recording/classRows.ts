import { firstOf, itemAt } from '../defined'
import { mean, median } from 'simple-statistics'
import type { ReadRow } from './way'

/**
 * The class's values at each moment of each level, over the tries that have all of them.
 * @param centre the middle where tries are looked at one by one, the mean where parts must add up
 * @returns by level id; a level of which no try is complete is left out
 * @example classRows([row(160, 148), row(150, 140)], 'median').get('jar') // [155, 144]
 */
export function classRows(rows: readonly ReadRow[], centre: 'mean' | 'median'): Map<string, number[]> {
  const complete = new Map<string, number[][]>()
  for (const { levelId, values } of rows) {
    const read = values.filter((value) => value !== null)
    if (read.length < values.length) continue
    complete.set(levelId, [...(complete.get(levelId) ?? []), read])
  }
  const of = centre === 'mean' ? mean : median
  return new Map(
    [...complete].map(([levelId, all]) => [
      levelId,
      firstOf(all).map((_, at) => of(all.map((one) => itemAt(one, at)))),
    ]),
  )
}
