import { defined } from '../defined'
import { leaderAgreement, type Agreement } from './agreement'
import type { Cell, LevelResult } from './cells'
import type { Comparison } from './comparison'
import { friedman } from './friedman'
import { testedLevels, wholeBlocks } from './judgeTrend'
import { judgeKinds } from './judgeKinds'
import { inScores, type ScoreTable } from './scoreTable'
import { clearAt, type Verdict } from './verdict'

/** What the data say about named kinds: which comes first, and is it really ahead of the next? */
export interface KindsEvidence extends Agreement {
  kind: 'kinds'
  verdict: Verdict
  first: LevelResult | null
  next: LevelResult | null
  /** By how much the first is ahead of the next, by comparisons within groups. */
  ahead: number
  /** Level ids from most to least, with ties. */
  order: string[][]
  /** The kinds differ by Friedman's test, whether or not the first is ahead of the next. */
  differ: boolean
  effects: Float64Array
  /** What difference may still be there, where none was found. */
  bound: number
}

/**
 * Weighs named kinds: which came first and whether it is ahead of the next, the order of all with its ties, and
 * which groups agree.
 * @example kindsEvidence(comparison, table, cells, results).first?.level.id // 'h60'
 */
export function kindsEvidence(
  comparison: Comparison,
  table: ScoreTable,
  cells: readonly Cell[],
  results: readonly LevelResult[],
): KindsEvidence {
  const { levels, best } = comparison
  const judged = judgeKinds(table, comparison)
  const effects = inScores(judged.ranking.effects, table)
  const resultAt = (place: number) => results.find((result) => result.level === levels[place]) ?? null
  const [first, next] = [resultAt(judged.first), resultAt(judged.next)]
  const tested = testedLevels(table)
  const sign = best === 'most' ? 1 : -1
  return {
    kind: 'kinds',
    verdict: judged.verdict,
    first,
    next,
    ahead: first && next ? sign * (defined(effects[judged.first]) - defined(effects[judged.next])) : 0,
    order: judged.order.map((rank) => rank.map((place) => defined(levels[place]).id)),
    differ: tested.length >= 2 && friedman(wholeBlocks(table, tested)).p <= clearAt,
    effects,
    bound: judged.bound,
    ...leaderAgreement(comparison, cells, first?.level.id, sign),
  }
}
