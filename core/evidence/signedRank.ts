import { defined } from '../defined'
import { midRanks } from './midRanks'
import { sumNull } from './sumNull'

/** The most differences that a class can have: one for each group. */
const exact = sumNull((rank2) => ({
  least: 0,
  chances: Float64Array.from({ length: rank2 + 1 }, (_, sum) => (sum === 0 || sum === rank2 ? 0.5 : 0)),
}))

/**
 * Wilcoxon's signed-rank test of paired differences, exact with ties: the ranks of the sizes of the differences,
 * each with its sign, against every way to give them signs. Differences of nought say nothing and are left out.
 *
 * Source: F. Wilcoxon, Biometrics Bulletin 1 (1945) 80–83.
 *
 * @param differences one for each group, in any unit
 * @returns the sum of the signed ranks, and its two-sided chance; 1 when nothing is left
 * @example signedRank([5, 3, 4, -1, 2, 6]) // { statistic: 19, p: 0.0625 }
 */
export function signedRank(differences: readonly number[]): { statistic: number; p: number } {
  const told = differences.filter((difference) => difference !== 0)
  if (told.length === 0) return { statistic: 0, p: 1 }
  // Ranks are doubled, so that mid-ranks stay whole numbers.
  const ranks2 = midRanks(told.map(Math.abs)).map((rank) => rank * 2)
  const all2 = ranks2.reduce((sum, rank) => sum + rank, 0)
  const above2 = ranks2.reduce((sum, rank, index) => sum + (defined(told[index]) > 0 ? rank : 0), 0)
  const { from, upTo } = exact(ranks2, above2)
  return { statistic: (2 * above2 - all2) / 2, p: Math.min(1, 2 * Math.min(from, upTo)) }
}

/**
 * How many of the smallest means of two differences (Walsh averages) may be cut off at each end of an interval
 * that holds the true difference with a chance of at least 1 − alpha.
 * @param count how many differences, without ties
 * @example signedRankCut(6, 0.05) // 1: of 21 means the least and the greatest end a 96.9% interval
 */
export function signedRankCut(count: number, alpha: number): number {
  const key = `${count}|${alpha}`
  const known = knownCuts.get(key)
  if (known !== undefined) return known
  const ranks2 = Array.from({ length: count }, (_, index) => 2 * (index + 1))
  let cut = 0
  while (cut <= (count * (count + 1)) / 4 && exact([...ranks2], 2 * cut).upTo <= alpha / 2) cut++
  if (knownCuts.size > 2000) knownCuts.clear()
  knownCuts.set(key, cut)
  return cut
}

const knownCuts = new Map<string, number>()
