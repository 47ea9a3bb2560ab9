import type { TrendTest } from './pageTrend'
import { normalTail } from './tails'

/** Beyond so many states the exact null gives way to the normal approximation. */
const mostStates = 6000

/**
 * The Jonckheere–Terpstra test for a trend across ordered levels whose tries replicate each other freely,
 * with no groups to compare within. J counts the pairs of tries at two levels of which the one at the later
 * level is larger, ties half. The null is exact, ties included: the distinct values are dealt out to
 * the levels in rising order, and the ways to deal them counted; large tables use the normal approximation with
 * its variance corrected for ties.
 *
 * Source: A. R. Jonckheere, Biometrika 41 (1954) 133–145; approximation: M. Hollander and D. A. Wolfe,
 * Nonparametric Statistical Methods (1999), section 6.2.
 *
 * @param samples the tries at each level, levels in order; empty levels say nothing
 * @example jonckheere([[1, 2], [3, 4], [5, 6]]).pRising // 1/90: all pairs rise
 */
export function jonckheere(samples: readonly (readonly number[])[]): TrendTest {
  const levels = samples.filter((sample) => sample.length > 0)
  const statistic2 = doubledJ(levels)
  const sizes = levels.map((sample) => sample.length)
  const ties = tieSizes(levels.flat())
  const states = sizes.reduce((product, size) => product * (size + 1), 1)
  const chances =
    states <= mostStates ? exact(sizes, ties, statistic2) : approximate(sizes, ties, statistic2 / 2)
  return { statistic: statistic2 / 2, ...chances }
}

function doubledJ(levels: readonly (readonly number[])[]): number {
  let sum = 0
  levels.forEach((later, index) => {
    for (const earlier of levels.slice(0, index))
      for (const a of earlier) for (const b of later) sum += a < b ? 2 : a === b ? 1 : 0
  })
  return sum
}

/** How many tries share each distinct value, values rising. */
function tieSizes(values: readonly number[]): number[] {
  const counts = new Map<number, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return [...counts].sort(([a], [b]) => a - b).map(([, count]) => count)
}

const knownNulls = new Map<string, Float64Array>()
const mostKept = 2000

function exact(sizes: number[], ties: number[], statistic2: number): Pick<TrendTest, 'pRising' | 'pFalling'> {
  const key = `${sizes.join(' ')}|${ties.join(' ')}`
  let chances = knownNulls.get(key)
  if (!chances) {
    if (knownNulls.size >= mostKept) knownNulls.clear()
    chances = nullOf(sizes, ties)
    knownNulls.set(key, chances)
  }
  let pRising = 0
  let pFalling = 0
  chances.forEach((chance, sum) => {
    if (sum >= statistic2) pRising += chance
    if (sum <= statistic2) pFalling += chance
  })
  return { pRising: Math.min(1, pRising), pFalling: Math.min(1, pFalling) }
}

/** Chances of each doubled J, dealing each set of equal values out to the levels in every possible way. */
function nullOf(sizes: readonly number[], ties: readonly number[]): Float64Array {
  const pairs2 = 2 * sizes.reduce((sum, size, i) => sum + size * before(sizes, i), 0)
  let states = new Map<string, { used: number[]; ways: Float64Array }>()
  const start = new Float64Array(pairs2 + 1)
  start[0] = 1
  states.set('', { used: sizes.map(() => 0), ways: start })
  for (const tie of ties) {
    const next = new Map<string, { used: number[]; ways: Float64Array }>()
    for (const { used, ways } of states.values())
      for (const { dealt, orders } of deals(
        tie,
        sizes.map((size, i) => size - used[i]!),
      )) {
        const after = used.map((count, i) => count + dealt[i]!)
        const key = after.join(' ')
        const into = next.get(key) ?? { used: after, ways: new Float64Array(pairs2 + 1) }
        next.set(key, into)
        const gain = dealt.reduce(
          (sum, count, i) => sum + count * (2 * before(used, i) + before(dealt, i)),
          0,
        )
        for (let sum = 0; sum + gain <= pairs2; sum++) into.ways[sum + gain]! += orders * ways[sum]!
      }
    states = next
  }
  const [end] = states.values()
  const all = end!.ways.reduce((sum, count) => sum + count, 0)
  return end!.ways.map((count) => count / all)
}

const before = (counts: readonly number[], place: number) =>
  counts.slice(0, place).reduce((sum, count) => sum + count, 0)

/** Every way to give so many equal values to levels with this much room, and in how many orders each comes. */
function deals(count: number, room: readonly number[]): { dealt: number[]; orders: number }[] {
  const [first, ...rest] = room
  if (first === undefined) return count === 0 ? [{ dealt: [], orders: 1 }] : []
  const all: { dealt: number[]; orders: number }[] = []
  for (let own = 0; own <= Math.min(first, count); own++)
    for (const { dealt, orders } of deals(count - own, rest))
      all.push({ dealt: [own, ...dealt], orders: orders * choose(count, own) })
  return all
}

function choose(from: number, count: number): number {
  let ways = 1
  for (let index = 1; index <= count; index++) ways = (ways * (from - count + index)) / index
  return ways
}

function approximate(
  sizes: readonly number[],
  ties: readonly number[],
  statistic: number,
): Pick<TrendTest, 'pRising' | 'pFalling'> {
  const total = sizes.reduce((sum, size) => sum + size, 0)
  const over = (counts: readonly number[], term: (n: number) => number) =>
    counts.reduce((sum, count) => sum + term(count), 0)
  const mean = (total ** 2 - over(sizes, (n) => n ** 2)) / 4
  const square = (n: number) => n * (n - 1) * (2 * n + 5)
  const cube = (n: number) => n * (n - 1) * (n - 2)
  const pair = (n: number) => n * (n - 1)
  const variance =
    (square(total) - over(sizes, square) - over(ties, square)) / 72 +
    (over(sizes, cube) * over(ties, cube)) / (36 * cube(total)) +
    (over(sizes, pair) * over(ties, pair)) / (8 * pair(total))
  if (variance <= 0) return { pRising: 1, pFalling: 1 }
  const z = (statistic - mean) / Math.sqrt(variance)
  return { pRising: normalTail(z), pFalling: normalTail(-z) }
}
