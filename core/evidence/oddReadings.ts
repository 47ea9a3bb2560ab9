import { median } from 'simple-statistics'
import type { Cell } from './cells'

/** A reading that stands apart from the other tries of its cell. */
export interface OddReading {
  groupId: string
  levelId: string
  value: number
  others: number[]
  score: number
}

/** Where a modified z-score counts as odd (Iglewicz & Hoaglin's recommendation). */
export const oddScore = 3.5

/**
 * Readings that stand apart from the other tries of the same cell, by modified z-score of their distance
 * from the cell's median, 0.6745 x distance / MAD. The MAD is taken over the distances of all cells, since
 * three tries alone say little; one zero distance of each cell of an odd number of tries is left out, because
 * it is there by construction. The scale is never finer than the reading error, so that a steady hand is not
 * punished.
 *
 * Source: B. Iglewicz and D. Hoaglin, How to Detect and Handle Outliers (1993), section 3.
 *
 * Within a cell the furthest reading is judged first and taken out before the others are.
 *
 * @param cells cells of fewer than three tries are passed over: of two, nobody knows which is odd
 * @param readingError standard deviation of one reading, in the unit of the values
 * @example oddReadings([cell(62, 64, 640)], 0.29)[0].value // 640
 */
export function oddReadings(cells: readonly Cell[], readingError: number): OddReading[] {
  const replicated = cells.filter((cell) => cell.values.length >= 3)
  const distances = replicated.flatMap(({ values }) => {
    const away = values.map((value) => Math.abs(value - median(values))).sort((a, b) => a - b)
    return values.length % 2 === 1 ? away.slice(1) : away
  })
  if (distances.length === 0) return []
  const scale = Math.max(median(distances) / 0.6745, readingError)
  return replicated.flatMap((cell) => oddInCell(cell, scale))
}

/** Takes the furthest reading out first: left in, it would drag the middle away and make its neighbours look odd. */
function oddInCell({ groupId, levelId, values }: Cell, scale: number): OddReading[] {
  const kept = [...values]
  const odd: OddReading[] = []
  while (kept.length >= 3) {
    const middle = median(kept)
    const furthest = kept.reduce(
      (far, value) => (Math.abs(value - middle) > Math.abs(far - middle) ? value : far),
      middle,
    )
    const score = Math.abs(furthest - middle) / scale
    if (score <= oddScore) break
    kept.splice(kept.indexOf(furthest), 1)
    odd.push({ groupId, levelId, value: furthest, others: [...kept], score })
  }
  return odd
}
