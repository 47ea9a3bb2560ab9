import { defined } from '../defined'
import type { Summary } from '../plan'
import { stripRoundingNoise } from '../quantity'

/** Several tries of one thing, summed up. */
export interface CellSummary {
  count: number
  /** One number for all tries, by the plan's way of summing up; the median where the plan shows dots only. */
  centre: number
  least: number
  greatest: number
  /** How far the tries differ: greatest less least. */
  wobble: number
}

/**
 * Sums up the counted tries of one cell. "Most common" falls back to the median when no value is repeated.
 * @param values at least one value, all in one unit
 * @throws RangeError when there are no values.
 * @example summariseCell([62, 65, 66], 'median') // { count: 3, centre: 65, least: 62, greatest: 66, wobble: 4 }
 */
export function summariseCell(values: readonly number[], summary: Summary): CellSummary {
  if (values.length === 0) throw new RangeError('a cell without readings has no summary')
  const least = Math.min(...values)
  const greatest = Math.max(...values)
  return {
    count: values.length,
    centre: centreOf(values, 0, values.length, summary),
    least,
    greatest,
    // Where none ever came, none differs.
    wobble: greatest === least ? 0 : stripRoundingNoise(greatest - least),
  }
}

/**
 * One number for `count` tries that stand side by side from `start` on, by the plan's way of summing up.
 * @example centreOf(Float64Array.of(62, 66, 65), 0, 3, 'median') // 65
 */
export function centreOf(values: ArrayLike<number>, start: number, count: number, summary: Summary): number {
  if (count === 1) return defined(values[start])
  if (summary === 'mean') {
    let sum = 0
    for (let index = start; index < start + count; index++) sum += defined(values[index])
    return stripRoundingNoise(sum / count)
  }
  for (let index = 0; index < count; index++) {
    const value = defined(values[start + index])
    let place = index
    while (place > 0 && defined(sorted[place - 1]) > value) {
      sorted[place] = defined(sorted[place - 1])
      place--
    }
    sorted[place] = value
  }
  if (summary === 'most-common') {
    const common = mostCommon(count)
    if (common !== null) return common
  }
  const middle = count >> 1
  return count % 2 === 1
    ? defined(sorted[middle])
    : stripRoundingNoise((defined(sorted[middle - 1]) + defined(sorted[middle])) / 2)
}

/** The value that occurs most often among the sorted ones, the smallest of several; null when none is repeated. */
function mostCommon(count: number): number | null {
  let best: number | null = null
  let most = 1
  let run = 1
  for (let index = 1; index < count; index++) {
    run = sorted[index] === sorted[index - 1] ? run + 1 : 1
    if (run > most) {
      most = run
      best = defined(sorted[index])
    }
  }
  return best
}

/** Room for the tries of one cell, put in order; a plan has at most ten, with as many again for extra care. */
const sorted = new Float64Array(64)
