import { defined } from '../defined'
import { midRanks } from './midRanks'
import { chiSquareTail } from './tails'

/** Whether kinds differ at all, each block comparing them within itself. */
export interface DifferenceTest {
  /** Friedman's statistic, corrected for ties. */
  statistic: number
  /** Chance of a statistic at least as large when the kinds did not matter. */
  p: number
}

/** Up to so many blocks, by the number of kinds, the exact null is counted; beyond, its chi-square approximation is close. */
const mostExactBlocks: Record<number, number> = { 2: 12, 3: 10, 4: 5 }

/**
 * Friedman's test of a difference among kinds, with groups as blocks: the spread of the kinds' rank sums,
 * mid-ranks for ties. Up to four kinds in five blocks, three in ten, two in twelve the null is exact, ties
 * included: all orders within each block counted. Larger tables use chi-square with one degree of freedom less than there are kinds.
 *
 * Source: M. Friedman, J. Am. Stat. Assoc. 32 (1937) 675–701; tie correction: W. J. Conover, Practical
 * Nonparametric Statistics (1999), section 5.8.
 *
 * @param blocks each block's values, one for each kind; all of one length
 * @throws RangeError when blocks differ in length.
 * @example friedman([[1, 2, 3], [1, 2, 3], [1, 2, 3]]) // { statistic: 6, p: 1 / 36 }
 */
export function friedman(blocks: readonly (readonly number[])[]): DifferenceTest {
  const kinds = blocks[0]?.length ?? 0
  if (blocks.some((block) => block.length !== kinds))
    throw new RangeError('each block needs a value for each kind')
  // Ranks are doubled, so that mid-ranks stay whole numbers.
  const ranks = blocks.map((block) => midRanks(block).map((rank) => rank * 2))
  const middle = kinds + 1
  const untied = ranks.flat().reduce((sum, rank) => sum + (rank - middle) ** 2, 0)
  if (kinds < 2 || untied === 0) return { statistic: 0, p: 1 }
  const spread = spreadOf(
    Array.from({ length: kinds }, (_, kind) => ranks.reduce((sum, block) => sum + defined(block[kind]), 0)),
  )
  const statistic = ((kinds - 1) * spread) / untied
  const p =
    blocks.length <= (mostExactBlocks[kinds] ?? 0)
      ? exactTail(ranks, spread)
      : chiSquareTail(statistic, kinds - 1)
  return { statistic, p }
}

/** Sum of squared distances of the rank sums from their mean. */
function spreadOf(sums: readonly number[]): number {
  const mean = sums.reduce((total, sum) => total + sum, 0) / sums.length
  return sums.reduce((total, sum) => total + (sum - mean) ** 2, 0)
}

/** The share of all orders within blocks whose rank sums spread at least this far; kinds are exchangeable, so sums are kept sorted. */
function exactTail(ranks: readonly (readonly number[])[], seen: number): number {
  let states = new Map<string, { sums: number[]; share: number }>()
  states.set('', { sums: defined(ranks[0]).map(() => 0), share: 1 })
  for (const block of ranks) {
    const orders = permutations(block)
    const next = new Map<string, { sums: number[]; share: number }>()
    for (const { sums, share } of states.values())
      for (const order of orders) {
        const after = sums.map((sum, kind) => sum + defined(order[kind])).sort((a, b) => a - b)
        const key = after.join(' ')
        const state = next.get(key)
        if (state) state.share += share / orders.length
        else next.set(key, { sums: after, share: share / orders.length })
      }
    states = next
  }
  let tail = 0
  for (const { sums, share } of states.values()) if (spreadOf(sums) >= seen - 1e-9) tail += share
  return Math.min(1, tail)
}

function permutations(items: readonly number[]): number[][] {
  if (items.length <= 1) return [[...items]]
  return items.flatMap((item, index) =>
    permutations([...items.slice(0, index), ...items.slice(index + 1)]).map((rest) => [item, ...rest]),
  )
}
