import { defined } from '../defined'
import { planLimits } from '../plan'
import { sumNull, type Distribution } from './sumNull'
import type { Moments } from './tails'

/** The most levels that a block may have. */
export const mostLevels = planLimits.levels

/** Exact counting grows with two to the number of levels; beyond these the Edgeworth chance is as good. */
const mostExact = { tied: 7, untied: 9 }
/** With ties every class has a null of its own; so many values in all make the Edgeworth chance as good. */
const mostTiedValues = 30

/** A block's size, shifted by so many bits, and one bit for each neighbour in rank that is equal. */
export const patternShift = mostLevels - 1

const exact = sumNull((pattern) => permutationSums(doubledRanks(pattern)))

/**
 * The chances, at least and at most the statistic seen, under the exact null of Page's test: the permutation
 * distributions of the blocks, convolved. Null where the blocks are too large to be counted.
 *
 * @param patterns for each block its size, shifted by `patternShift`, and its bits of ties
 * @param statistic2 the statistic of doubled ranks
 */
export function pageNull(patterns: number[], statistic2: number): { from: number; upTo: number } | null {
  let values = 0
  let anyTied = false
  for (const pattern of patterns) {
    const size = pattern >> patternShift
    const tied = (pattern & ((1 << patternShift) - 1)) !== 0
    if (size > (tied ? mostExact.tied : mostExact.untied)) return null
    values += size
    anyTied ||= tied
  }
  if (anyTied && values > mostTiedValues) return null
  return exact(patterns, statistic2)
}

/**
 * The moments of the same statistic: of each block (Σ(place − mean)²)(Σ(rank − mean)²)/(n − 1), and the fourth
 * cumulant of a rank correlation without ties, in its unit.
 *
 * Source of the fourth moment: M. G. Kendall, Rank Correlation Methods (1970), 5.8.
 */
export function pageMoments(patterns: readonly number[]): Moments {
  const all: Moments = { mean: 0, variance: 0, fourth: 0 }
  for (const pattern of patterns) {
    const ranks = doubledRanks(pattern)
    const n = ranks.length
    const places = (n * (n * n - 1)) / 12
    const spread = ranks.reduce((sum, rank) => sum + (rank - (n + 1)) ** 2, 0)
    const variance = (places * spread) / (n - 1)
    const kurtosis = (3 * (25 * n ** 3 - 38 * n ** 2 - 35 * n + 72)) / (25 * n * (n + 1) * (n - 1))
    all.mean += (n * (n + 1) ** 2) / 2
    all.variance += variance
    all.fourth += (kurtosis - 3) * variance ** 2
  }
  return all
}

/** The doubled mid-ranks, in rising order, that a pattern stands for. */
function doubledRanks(pattern: number): number[] {
  const size = pattern >> patternShift
  const ranks: number[] = []
  for (let first = 0; first < size;) {
    let last = first
    while (last < size - 1 && pattern & (1 << last)) last++
    for (let index = first; index <= last; index++) ranks.push(first + last + 2)
    first = last + 1
  }
  return ranks
}

/** Counts, for each set of ranks given to the first places, the orders that come to each sum. */
function permutationSums(ranks: readonly number[]): Distribution {
  const size = ranks.length
  const greatest = ranks.reduce((sum, rank, index) => sum + (index + 1) * rank, 0)
  const ways: (Float64Array | undefined)[] = new Array(2 ** size)
  ways[0] = new Float64Array(greatest + 1)
  ways[0][0] = 1
  for (let set = 0; set < 2 ** size - 1; set++) {
    const from = defined(ways[set])
    const place = bitsIn(set) + 1
    for (let item = 0; item < size; item++) {
      if (set & (1 << item)) continue
      const into = (ways[set | (1 << item)] ??= new Float64Array(greatest + 1))
      const step = place * defined(ranks[item])
      for (let sum = 0; sum + step <= greatest; sum++) into[sum + step]! += defined(from[sum])
    }
    ways[set] = undefined
  }
  const all = defined(ways[2 ** size - 1])
  const least = all.findIndex((count) => count > 0)
  const orders = all.reduce((sum, count) => sum + count, 0)
  return { least, chances: all.slice(least).map((count) => count / orders) }
}

function bitsIn(set: number): number {
  let count = 0
  for (let rest = set; rest > 0; rest &= rest - 1) count++
  return count
}
