import { holm } from './holm'
import { levelEffects } from './levelEffects'
import { pairTest, type PairTest } from './pairTest'
import type { ScoreScale } from './score'
import type { ScoreTable } from './scoreTable'
import { clearAt } from './verdict'

/** The levels from most to least, and how sure each gap between neighbours is. */
export interface Ranking {
  /** Places of the levels, from most to least. */
  order: number[]
  /** The test of each level against the next one down. */
  gaps: PairTest[]
  effects: Float64Array
}

/**
 * Puts the levels in order by the comparisons that they win inside the groups, each group weighing the same, and tests each
 * against the next. Distances decide only between equals: by them, one group with wide gaps could turn the others' order.
 * @param tested places of the levels that have readings
 * @example rankLevels(table, [0, 1, 2], 'number').order // [2, 1, 0]
 */
export function rankLevels(table: ScoreTable, tested: readonly number[], scale: ScoreScale): Ranking {
  const { effects, dominance } = levelEffects(table, scale)
  const order = tested
    .filter((level) => !Number.isNaN(effects[level]!))
    .sort((a, b) => apartBy(dominance, b, a) || apartBy(effects, b, a))
  const gaps = order.slice(1).map((below, index) => {
    const test = pairTest(table, order[index]!, below)
    return test.ahead === 1 ? test : { ...test, p: 1 }
  })
  return { order, gaps, effects }
}

/** Shares are sums of many small ones, so a difference in the last digits is none. */
function apartBy(shares: Float64Array, one: number, other: number): number {
  const difference = shares[one]! - shares[other]!
  return Math.abs(difference) < 1e-7 ? 0 : difference
}

/**
 * The order with ties: neighbours stay apart only where their gap is beyond chance. One gap may be the first statement,
 * which has its own 5%; the others share another 5%.
 * @param first the gap that is stated first, or null where all are further statements
 * @example tiedOrder(ranking, 0) // [[1], [0, 2]]
 */
export function tiedOrder({ order, gaps }: Ranking, first: number | null): number[][] {
  const further = gaps.map((_, index) => index).filter((index) => index !== first)
  const passed = holm(
    further.map((index) => gaps[index]!.p),
    clearAt,
  )
  const apart = new Set(further.filter((_, place) => passed[place]))
  if (first !== null && gaps[first] && gaps[first].p <= clearAt) apart.add(first)
  const ranks: number[][] = []
  order.forEach((level, index) => {
    if (index === 0 || apart.has(index - 1)) ranks.push([level])
    else ranks.at(-1)!.push(level)
  })
  return ranks
}
