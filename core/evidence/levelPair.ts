import { defined } from '../defined'
import { testContrast } from './contrast'
import { groupDifferences, pairDifferences } from './differences'
import { jonckheere } from './jonckheere'
import { joinedChance, neverClear, triesWeight } from './joinedChance'
import { isReplicated, type ScoreTable } from './scoreTable'
import { seenChance } from './looks'
import { signedRank } from './signedRank'
import { clearAt, type CarriedBy } from './verdict'

/** Whether one level is ahead of another, groups compared only with themselves. */
export interface PairComparison {
  /** Two-sided chance of a difference this strong if there were none. */
  p: number
  carriedBy: CarriedBy
  /** 1 where the first level has more, −1 where the second has, 0 where neither. */
  ahead: 1 | 0 | -1
  /** Groups that tested both. */
  groups: number
}

/** Where fewer of the groups that tested either level tested both, the others' roundabout comparisons are asked too. */
const enoughShared = 0.75

/** Whether the middle difference of two levels is more than two scores can show: less may be the rounding that tries of a set-up share. */
function isBeyondMark(table: ScoreTable, a: number, b: number): boolean {
  if (table.mark === 0) return true
  const { sorted } = pairDifferences(table, a, b)
  const middle = sorted.length >> 1
  const apart =
    sorted.length % 2 === 1
      ? defined(sorted[middle])
      : (defined(sorted[middle - 1]) + defined(sorted[middle])) / 2
  return Math.abs(apart) > table.mark * (1 + 1e-9)
}

/**
 * Compares two levels: the groups' differences by signed ranks, their tries by stratified rank sums, joined. Where
 * levels were shared out, so that few groups tested both, the additive contrast over all groups stands in for the
 * rank sums.
 *
 * @param a and @param b places of the levels
 * @example testPair(table, 2, 0).carriedBy // 'tries'
 */
export function testPair(table: ScoreTable, a: number, b: number): PairComparison {
  const { differences, either } = groupDifferences(table, a, b)
  const groups = differences.length
  const replicated = isReplicated(table)
  if (replicated && groups < enoughShared * either) {
    const { p, ahead } = testContrast(table, a, b)
    return { p: seenChance(Math.min(1, triesWeight * p), table), carriedBy: 'tries', ahead, groups }
  }
  if (groups === 0) return { p: 1, carriedBy: 'groups', ahead: 0, groups }
  const byGroups = signedRank(differences)
  const byTries = replicated ? jonckheere(table, [b, a]) : null
  const joined = joinedChance({
    ofGroups: byGroups.p,
    ofTries: byTries ? Math.min(1, 2 * Math.min(byTries.pRising, byTries.pFalling)) : 1,
    groups,
    replicated,
  })
  if (joined.carriedBy === 'tries' && joined.p <= clearAt && !isBeyondMark(table, a, b)) joined.p = neverClear
  const lead =
    joined.carriedBy === 'tries' && byTries ? byTries.statistic - byTries.expected : byGroups.statistic
  return {
    ...joined,
    p: seenChance(joined.p, table),
    ahead: Math.sign(lead) as PairComparison['ahead'],
    groups,
  }
}
