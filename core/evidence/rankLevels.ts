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
 * The order with ties: neighbours stay apart only where their gap is beyond chance. One gap may be the first statement, and from it on
 * each next one is stated as long as all before are beyond chance, which they may at 5% each: none is stated falsely unless the first
 * false one is. The others share another 5%.
 *
 * Source: fixed sequences, W. Maurer, L. Hothorn and W. Lehmacher, Biometrie in der chemisch-pharmazeutischen Industrie 6 (1995) 3–18.
 *
 * @param first the gap that is stated first, at either end, or null where all are further statements
 * @example tiedOrder(ranking, 0) // [[1], [0, 2]]
 */
export function tiedOrder({ order, gaps }: Ranking, first: number | null): number[][] {
  const run = first === null ? [] : runFrom(gaps, first)
  const further = gaps.map((_, index) => index).filter((index) => !run.includes(index) && index !== first)
  const passed = holm(
    further.map((index) => gaps[index]!.p),
    clearAt,
  )
  const apart = new Set([...run, ...further.filter((_, place) => passed[place])])
  const ranks: number[][] = []
  order.forEach((level, index) => {
    if (index === 0 || apart.has(index - 1)) ranks.push([level])
    else ranks.at(-1)!.push(level)
  })
  return ranks
}

/** The gaps beyond chance from the one stated first, one after another, to the other end. */
function runFrom(gaps: readonly PairTest[], first: number): number[] {
  const sequence = gaps.map((_, index) => (first === 0 ? index : gaps.length - 1 - index))
  const end = sequence.findIndex((index) => gaps[index]!.p > clearAt)
  return end < 0 ? sequence : sequence.slice(0, end)
}
