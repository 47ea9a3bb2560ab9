import { midRanks } from './midRanks'

/** Whether values rise or fall along ordered levels. */
export interface TrendTest {
  /** Page's L. */
  statistic: number
  /** Chance of an L at least as large when the order of the levels did not matter. */
  pRising: number
  /** Chance of an L at least as small when the order of the levels did not matter. */
  pFalling: number
}

/**
 * Page's test for a trend across ordered levels, with groups as blocks. L is the sum over blocks of
 * place x rank within the block; the null distribution is exact, the blocks' permutation distributions
 * convolved, and ties take mid-ranks. Blocks may have tested different levels: each is ranked over its own.
 *
 * Source: E. B. Page, "Ordered hypotheses for multiple treatments", J. Am. Stat. Assoc. 58 (1963) 216–230.
 * Cost: 2^k x k per new pattern of ties in a block of k levels (kept for the next call), then the convolution.
 *
 * @param blocks each block's values, in the order of its levels; blocks of fewer than two values say nothing
 * @throws RangeError when a block has more than 12 values.
 * @example pageTrend([[1, 2, 3], [2, 4, 9]]).pRising // 1/36: both blocks rise
 */
export function pageTrend(blocks: readonly (readonly number[])[]): TrendTest {
  let statistic2 = 0
  const patterns: string[] = []
  for (const block of blocks) {
    if (block.length < 2) continue
    const ranks2 = midRanks(block).map((rank) => rank * 2)
    statistic2 += ranks2.reduce((sum, rank, index) => sum + (index + 1) * rank, 0)
    patterns.push(ranks2.sort((a, b) => a - b).join(' '))
  }
  const null2 = nullDistribution(patterns.sort())
  let pRising = 0
  let pFalling = 0
  null2.forEach((probability, sum) => {
    if (sum >= statistic2) pRising += probability
    if (sum <= statistic2) pFalling += probability
  })
  return { statistic: statistic2 / 2, pRising: Math.min(1, pRising), pFalling: Math.min(1, pFalling) }
}

const knownNulls = new Map<string, number[]>([['', [1]]])
const mostKnown = 5000

/** The blocks' distributions convolved; classes share their beginnings, so each is kept for the next call. */
function nullDistribution(patterns: readonly string[]): number[] {
  const key = patterns.join(',')
  const before = knownNulls.get(key)
  if (before) return before
  const made = convolve(nullDistribution(patterns.slice(0, -1)), blockDistribution(patterns.at(-1)!))
  if (knownNulls.size >= mostKnown) {
    knownNulls.clear()
    knownNulls.set('', [1])
  }
  knownNulls.set(key, made)
  return made
}

const known = new Map<string, number[]>()

/** Probabilities of the sum of place x rank over all orders of the ranks, indexed by the (doubled) sum. */
function blockDistribution(pattern: string): number[] {
  const before = known.get(pattern)
  if (before) return before
  const sorted = pattern.split(' ').map(Number)
  const size = sorted.length
  if (size > 12) throw new RangeError('a trend is tested over at most 12 levels')
  const greatest = sorted.reduce((sum, rank, index) => sum + (index + 1) * rank, 0)
  // ways[set][sum]: orders of the ranks in the set, given to the first places, that come to the sum.
  const ways: (Float64Array | undefined)[] = new Array(2 ** size)
  ways[0] = new Float64Array(greatest + 1)
  ways[0][0] = 1
  for (let set = 0; set < 2 ** size - 1; set++) {
    const from = ways[set]!
    const place = bitsIn(set) + 1
    for (let item = 0; item < size; item++) {
      if (set & (1 << item)) continue
      const into = (ways[set | (1 << item)] ??= new Float64Array(greatest + 1))
      const step = place * sorted[item]!
      for (let sum = 0; sum + step <= greatest; sum++) into[sum + step]! += from[sum]!
    }
    ways[set] = undefined
  }
  const all = ways[2 ** size - 1]!
  const orders = all.reduce((sum, count) => sum + count, 0)
  const distribution = Array.from(all, (count) => count / orders)
  known.set(pattern, distribution)
  return distribution
}

function convolve(a: readonly number[], b: readonly number[]): number[] {
  const sums = new Array<number>(a.length + b.length - 1).fill(0)
  a.forEach((pa, i) => {
    if (pa === 0) return
    b.forEach((pb, j) => {
      sums[i + j]! += pa * pb
    })
  })
  return sums
}

function bitsIn(set: number): number {
  let count = 0
  for (let rest = set; rest > 0; rest &= rest - 1) count++
  return count
}
