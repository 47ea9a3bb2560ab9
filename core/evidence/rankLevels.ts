import { defined, lastOf } from '../defined'
import { levelEffects } from './levelEffects'
import { testPair, type PairComparison } from './levelPair'
import type { ScoreScale } from './score'
import type { ScoreTable } from './scoreTable'
import { clearAt } from './verdict'

/** The levels from most to least, and how sure each gap between neighbours is. */
export interface Ranking {
  /** Places of the levels, from most to least. */
  order: number[]
  /** The test of the level at a place of the order against the next one down, made when it is first asked for. */
  gap: (place: number) => PairComparison
  /** Share of comparisons by which the level at a place of the order wins more than the next one down. */
  lead: (place: number) => number
  readonly effects: Float64Array
}

/**
 * Puts the levels in order by the comparisons that they win inside the groups, each group weighing the same, and tests each
 * against the next. Distances decide only between equals: by them, one group with wide gaps could turn the others' order.
 * @param tested places of the levels that have readings
 * @example rankLevels(table, [0, 1, 2], 'number').order // [2, 1, 0]
 */
export function rankLevels(table: ScoreTable, tested: readonly number[], scale: ScoreScale): Ranking {
  const found = levelEffects(table, scale)
  const { dominance } = found
  let effects: Float64Array | null = null
  const distances = () => (effects ??= found.effects)
  const order = tested
    .filter((level) => !Number.isNaN(defined(dominance[level])))
    .sort((a, b) => apartBy(dominance, b, a) || apartBy(distances(), b, a))
  const gaps = new Map<number, PairComparison>()
  return {
    order,
    lead: (place) =>
      defined(dominance[defined(order[place])]) - defined(dominance[defined(order[place + 1])]),
    gap(place) {
      const known = gaps.get(place)
      if (known) return known
      const test = testPair(table, defined(order[place]), defined(order[place + 1]))
      const made = test.ahead === 1 ? test : { ...test, p: 1 }
      gaps.set(place, made)
      return made
    },
    get effects() {
      return distances()
    },
  }
}

/** Shares are sums of many small ones, so a difference in the last digits is none. */
function apartBy(shares: Float64Array, one: number, other: number): number {
  const difference = defined(shares[one]) - defined(shares[other])
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
export function tiedOrder({ order, gap, lead }: Ranking, first: number | null): number[][] {
  const all = order.slice(1).map((_, place) => place)
  const apart = new Set(first === null ? [] : runFrom(all, first, gap))
  // From the widest lead on, each at its share of the chance among those left, until one is not beyond it.
  const further = all
    .filter((place) => !apart.has(place) && place !== first)
    .sort((a, b) => lead(b) - lead(a))
  for (const [index, place] of further.entries()) {
    if (gap(place).p > clearAt / (further.length - index)) break
    apart.add(place)
  }
  const ranks: number[][] = []
  order.forEach((level, index) => {
    if (index === 0 || apart.has(index - 1)) ranks.push([level])
    else lastOf(ranks).push(level)
  })
  return ranks
}

/** The gaps beyond chance from the one stated first, one after another, to the other end. */
function runFrom(all: readonly number[], first: number, gap: Ranking['gap']): number[] {
  const sequence = first === 0 ? all : [...all].reverse()
  const end = sequence.findIndex((place) => gap(place).p > clearAt)
  return end < 0 ? [...sequence] : sequence.slice(0, end)
}
