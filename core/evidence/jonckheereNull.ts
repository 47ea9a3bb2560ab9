import { defined } from '../defined'
import type { Stratum } from './stratum'
import { sumNull, type Distribution, type Tails } from './sumNull'

/** Up to so many tries of a group are always counted; more where they take only a few distinct values. */
const mostTries = 10
const fewValues = { tries: 24, values: 4, states: 6000 }
/** Longer sums are as good as normal, and would be slow to add up. */
const mostPairs = 60

const bits = 2 ** (fewValues.tries - 1)
const exact = sumNull(nullOfPattern)

/**
 * The exact chances of the doubled J summed over groups, or null where there are too many ways to deal tries out.
 * @example jonckheereNull([{ sizes: [2, 2, 2], ties: [1, 1, 1, 1, 1, 1] }], 24)?.from // 1 / 90
 */
export function jonckheereNull(
  strata: readonly Pick<Stratum, 'sizes' | 'ties' | 'pairs'>[],
  statistic2: number,
): Tails | null {
  let pairs = 0
  for (const stratum of strata) {
    if (!isCountable(stratum)) return null
    pairs += stratum.pairs
  }
  if (pairs > mostPairs) return null
  return exact(strata.map(patternOf), statistic2)
}

function isCountable({ sizes, ties }: Pick<Stratum, 'sizes' | 'ties'>): boolean {
  const tries = sizes.reduce((sum, size) => sum + size, 0)
  if (tries <= mostTries) return true
  return (
    tries <= fewValues.tries &&
    ties.length <= fewValues.values &&
    sizes.reduce((product, size) => product * (size + 1), 1) <= fewValues.states
  )
}

/** Sizes and ties as one number: how many tries, and for each but the last whether a new level, a new value begins after it. */
function patternOf({ sizes, ties }: Pick<Stratum, 'sizes' | 'ties'>): number {
  const tries = sizes.reduce((sum, size) => sum + size, 0)
  return (tries * bits + borders(sizes)) * bits + borders(ties)
}

function borders(parts: readonly number[]): number {
  let sum = 0
  let after = 0
  for (const part of parts.slice(0, -1)) {
    after += part
    sum += 2 ** (after - 1)
  }
  return sum
}

function partsOf(tries: number, marks: number): number[] {
  const parts = [1]
  for (let place = 0; place < tries - 1; place++)
    if (marks & (1 << place)) parts.push(1)
    else parts[parts.length - 1]!++
  return parts
}

function nullOfPattern(pattern: number): Distribution {
  const tries = Math.floor(pattern / bits / bits)
  const sizes = partsOf(tries, Math.floor(pattern / bits) % bits)
  return { least: 0, chances: nullOf(sizes, partsOf(tries, pattern % bits)) }
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
        sizes.map((size, i) => size - defined(used[i])),
      )) {
        const after = used.map((count, i) => count + defined(dealt[i]))
        const key = after.join(' ')
        const into = next.get(key) ?? { used: after, ways: new Float64Array(pairs2 + 1) }
        next.set(key, into)
        const gain = dealt.reduce(
          (sum, count, i) => sum + count * (2 * before(used, i) + before(dealt, i)),
          0,
        )
        for (let sum = 0; sum + gain <= pairs2; sum++) into.ways[sum + gain]! += orders * defined(ways[sum])
      }
    states = next
  }
  const [end] = states.values()
  const all = defined(end).ways.reduce((sum, count) => sum + count, 0)
  return defined(end).ways.map((count) => count / all)
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
