import { defined } from '../defined'
import { groupDifferences, pairDifferences } from './differences'
import { momentsOf } from './jonckheere'
import type { Stratum } from './stratum'
import { jonckheereNull } from './jonckheereNull'
import { groupsWeight, triesWeight } from './joinedChance'
import { isReplicated, type ScoreTable } from './scoreTable'
import { setUpAllowance } from './setUpAllowance'
import { signedRankCut } from './signedRank'
import { edgeworthTail } from './tails'

/** Where a difference lies. */
export interface Interval {
  least: number
  greatest: number
}

/**
 * The differences between two levels that the joined test would not refuse: what is left of both the tries' and the
 * groups' own interval. Where the data are too few to bound it, it has no end.
 *
 * Source: D. F. Bauer, J. Am. Stat. Assoc. 67 (1972) 687–690.
 *
 * @param a and @param b places of the levels
 * @param alpha the chance, at most, that the true difference of a less b lies outside
 * @example shiftInterval(table, 1, 0, 0.1) // { least: 10, greatest: 12 }
 */
export function shiftInterval(table: ScoreTable, a: number, b: number, alpha: number): Interval {
  const { differences } = groupDifferences(table, a, b)
  const groups = differences.length
  // One group's set-ups cannot be told from the levels.
  if (groups <= 1) return { least: -Infinity, greatest: Infinity }
  const replicated = isReplicated(table)
  const byTries = replicated ? triesInterval(table, a, b, alpha / triesWeight) : null
  const byGroups = cutOff(
    walshAverages(differences),
    signedRankCut(groups, replicated ? alpha / groupsWeight : alpha),
  )
  if (!byTries) return byGroups
  return {
    least: Math.max(byTries.least, byGroups.least),
    greatest: Math.min(byTries.greatest, byGroups.greatest),
  }
}

function triesInterval(table: ScoreTable, a: number, b: number, alpha: number): Interval {
  const { counts, levels, groups } = table
  const strata: Stratum[] = []
  for (let group = 0; group < groups; group++) {
    const sizes = [defined(counts[group * levels + a]), defined(counts[group * levels + b])]
    if (sizes[0] === 0 || sizes[1] === 0) continue
    if (table.inHeats) {
      // Tries of one number are compared with each other alone, so each pair of them is a stratum.
      for (let heat = 0; heat < Math.min(...sizes); heat++) strata.push(onePair())
      continue
    }
    const ties = new Array<number>(defined(sizes[0]) + defined(sizes[1])).fill(1)
    strata.push({ sizes, ties, statistic2: 0, pairs: defined(sizes[0]) * defined(sizes[1]) })
  }
  const { sorted } = pairDifferences(table, a, b)
  return cutOff(sorted, rankSumCut(strata, setUpAllowance(table, [a, b]), alpha))
}

const onePair = (): Stratum => ({ sizes: [1, 1], ties: [1, 1], statistic2: 0, pairs: 1 })

const knownCuts = new Map<string, number>()

/** How many of the sorted differences may be cut off at each end. */
function rankSumCut(strata: Stratum[], allowance: number, alpha: number): number {
  const key = `${strata.map(({ sizes }) => sizes.join('x')).sort()}|${allowance}|${alpha}`
  const known = knownCuts.get(key)
  if (known !== undefined) return known
  const moments = momentsOf(strata)
  const wide = { ...moments, variance: moments.variance * allowance, fourth: moments.fourth * allowance ** 2 }
  const below = (count: number) =>
    (allowance === 1 ? jonckheereNull(strata, 2 * count)?.upTo : undefined) ??
    edgeworthTail(2 * moments.mean - count - 0.5, wide)
  let cut = 0
  let end = Math.floor(moments.mean) + 1
  while (cut < end) {
    const middle = (cut + end) >> 1
    if (below(middle) <= alpha / 2) cut = middle + 1
    else end = middle
  }
  if (knownCuts.size > 2000) knownCuts.clear()
  knownCuts.set(key, cut)
  return cut
}

function walshAverages(differences: readonly number[]): Float64Array {
  const averages = new Float64Array((differences.length * (differences.length + 1)) / 2)
  let at = 0
  differences.forEach((one, index) => {
    for (const other of differences.slice(0, index + 1))
      averages[at++] = one === -other ? 0 : (one + other) / 2
  })
  return averages.sort()
}

function cutOff(sorted: Float64Array, cut: number): Interval {
  return cut === 0
    ? { least: -Infinity, greatest: Infinity }
    : { least: defined(sorted[cut - 1]), greatest: defined(sorted[sorted.length - cut]) }
}
