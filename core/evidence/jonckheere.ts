import { defined } from '../defined'
import { jonckheereNull } from './jonckheereNull'
import type { Stratum } from './stratum'
import type { TrendTest } from './pageTrend'
import { tableOf, type ScoreTable } from './scoreTable'
import { edgeworthTail, type Moments } from './tails'
import { triesWeight } from './joinedChance'
import { setUpAllowance } from './setUpAllowance'
import { leaningAt } from './verdict'

/** A trend found in tries, with how it came about. */
export interface StratifiedTrend extends TrendTest {
  /** What the statistic comes to when the levels do not matter. */
  expected: number
  /** Groups that had tries at two of the levels or more. */
  strata: number
}

/**
 * The stratified Jonckheere–Terpstra test for a trend of tries along ordered levels: tries are compared only with
 * tries of the same group, and where tries are heats with those of the same heat, so that a group that reads high says nothing. J counts, over the groups, the pairs of
 * tries at two levels of which the one at the later level is larger, ties half. With two levels it is the stratified
 * rank-sum test. The null is exact, ties included, where a group's tries can be dealt out in every way;
 * elsewhere normal, its variance corrected for ties, with an Edgeworth correction and half a step of J.
 *
 * Source: A. R. Jonckheere, Biometrika 41 (1954) 133–145; approximation: M. Hollander and D. A. Wolfe,
 * Nonparametric Statistical Methods (1999), section 6.2.
 *
 * @param table the scores, group by group
 * @param levels the places of the levels to compare, in order; all of them when left out
 * @param allowance how much wider the spread is taken for what tries of one cell share; estimated from the table when left out, unless
 * even the plain chance says nothing
 * @example jonckheere(tableOf([[[1, 2], [3, 4], [5, 6]]], 'mean')).pRising // 1 / 90: all pairs rise
 */
export function jonckheere(
  table: ScoreTable,
  levels: readonly number[] = Array.from({ length: table.levels }, (_, level) => level),
  allowance: number | null = null,
): StratifiedTrend {
  const strata: Stratum[] = []
  for (let group = 0; group < table.groups; group++) {
    const heats = table.inHeats ? table.room : 1
    for (let heat = 0; heat < heats; heat++) {
      const stratum = stratumOf(table, group, levels, table.inHeats ? heat : null)
      if (stratum) strata.push(stratum)
    }
  }
  const statistic2 = strata.reduce((sum, stratum) => sum + stratum.statistic2, 0)
  const expected = strata.reduce((sum, stratum) => sum + stratum.pairs, 0) / 2
  const found = { statistic: statistic2 / 2, expected, strata: strata.length }
  const plain = allowance === null || allowance === 1 ? chancesOf(strata, statistic2, 1) : null
  if (plain && (allowance === 1 || Math.min(plain.pRising, plain.pFalling) > saysNothingAt))
    return { ...found, ...plain }
  return { ...found, ...chancesOf(strata, statistic2, allowance ?? setUpAllowance(table, levels)) }
}

/** Allowing for set-ups only makes a chance larger; from here on the verdict is the same without. */
const saysNothingAt = leaningAt / triesWeight / 2

function chancesOf(
  strata: readonly Stratum[],
  statistic2: number,
  allowance: number,
): Pick<TrendTest, 'pRising' | 'pFalling'> {
  const counted = allowance === 1 ? jonckheereNull(strata, statistic2) : null
  if (counted) return { pRising: counted.from, pFalling: counted.upTo }
  const moments = momentsOf(strata)
  const wide = { ...moments, variance: moments.variance * allowance, fourth: moments.fourth * allowance ** 2 }
  return {
    pRising: edgeworthTail(statistic2 / 2 - 0.5, wide),
    pFalling: edgeworthTail(2 * moments.mean - statistic2 / 2 - 0.5, wide),
  }
}

/**
 * The plain test of one list of samples, all tries taken as they are.
 * @example jonckheereOf([[1, 2], [3, 4], [5, 6]]).statistic // 12
 */
export function jonckheereOf(samples: readonly (readonly number[])[]): StratifiedTrend {
  return jonckheere(tableOf([samples], 'mean'), undefined, 1)
}

let room = new Float64Array(256)

/** @param heat the tries of one number, or null for all of the group */
function stratumOf(
  { values, counts, levels: wide, room: tries }: ScoreTable,
  group: number,
  levels: readonly number[],
  heat: number | null,
): Stratum | null {
  const sizes: number[] = []
  let statistic2 = 0
  let pairs = 0
  let size = 0
  for (const level of levels) {
    const cell = group * wide + level
    const from = heat ?? 0
    const count = heat === null ? defined(counts[cell]) : defined(counts[cell]) > heat ? 1 : 0
    if (count === 0) continue
    if (size + count > room.length)
      room = Float64Array.from({ length: 2 * (size + count) }, (_, i) => room[i] ?? 0)
    const start = cell * tries + from
    // Those of earlier levels stand in order, so that counting may stop at the first that is larger.
    for (let one = start; one < start + count; one++) {
      const value = defined(values[one])
      for (let before = 0; before < size && defined(room[before]) <= value; before++)
        statistic2 += defined(room[before]) < value ? 2 : 1
    }
    for (let one = start; one < start + count; one++) putInOrder(defined(values[one]), size + one - start)
    pairs += size * count
    size += count
    sizes.push(count)
  }
  if (sizes.length < 2) return null
  return { sizes, ties: tieSizes(size), statistic2, pairs }
}

/** Puts one more behind so many that stand in order, where it belongs. */
function putInOrder(value: number, size: number): void {
  let place = size
  while (place > 0 && defined(room[place - 1]) > value) {
    room[place] = defined(room[place - 1])
    place--
  }
  room[place] = value
}

function tieSizes(size: number): number[] {
  const ties: number[] = []
  for (let index = 0; index < size; index++)
    if (index > 0 && room[index] === room[index - 1]) ties[ties.length - 1]!++
    else ties.push(1)
  return ties
}

/**
 * Mean, variance and fourth cumulant of J over all groups. The fourth cumulant is that without ties: J is then a
 * sum of numbers spread evenly over 0 … i − 1.
 * @example momentsOf(strata).mean // 13.5 for one group of three tries at three levels
 */
export function momentsOf(strata: readonly Pick<Stratum, 'sizes' | 'ties'>[]): Moments {
  const all: Moments = { mean: 0, variance: 0, fourth: 0 }
  for (const { sizes, ties } of strata) {
    const [ofSizes, ofTies] = [sumsOf(sizes), sumsOf(ties)]
    const total = ofSizes.n
    all.mean += (total ** 2 - ofSizes.squared) / 4
    all.variance +=
      (square(total) - ofSizes.square - ofTies.square) / 72 +
      (total > 2 ? (ofSizes.cube * ofTies.cube) / (36 * cube(total)) : 0) +
      (ofSizes.pair * ofTies.pair) / (8 * pair(total))
    all.fourth -= (evenFourth(total) - ofSizes.evenFourth) / 120
  }
  return all
}

/** Sums over the sizes of levels, or of ties, of what the moments are made of. */
function sumsOf(counts: readonly number[]) {
  const sums = { n: 0, squared: 0, square: 0, cube: 0, pair: 0, evenFourth: 0 }
  for (let index = 0; index < counts.length; index++) {
    const n = defined(counts[index])
    sums.n += n
    sums.squared += n * n
    sums.square += square(n)
    sums.cube += cube(n)
    sums.pair += pair(n)
    sums.evenFourth += evenFourth(n)
  }
  return sums
}

const square = (n: number) => n * (n - 1) * (2 * n + 5)
const cube = (n: number) => n * (n - 1) * (n - 2)
const pair = (n: number) => n * (n - 1)

/** Σ (i⁴ − 1) for i from 1 to n. */
const evenFourth = (n: number) => (n * (n + 1) * (2 * n + 1) * (3 * n * n + 3 * n - 1)) / 30 - n
