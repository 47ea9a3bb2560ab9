import { defined, lastOf } from '../defined'
import type { Judging } from './comparison'
import { testedLevels } from './judgeTrend'
import { openDifference } from './noDifference'
import { rankLevels, tiedOrder, type Ranking } from './rankLevels'
import { comparingGroups, isReplicated, type ScoreTable } from './scoreTable'
import { tooLittle, verdictOf, type Verdict } from './verdict'

/** Which kind came first, which next, and how sure it is that the first is ahead. */
export interface KindsJudgement {
  verdict: Verdict
  /** Places in the table, −1 where there is none. */
  first: number
  next: number
  /** Places from most to least, with ties. */
  readonly order: number[][]
  ranking: Ranking
  /** What difference may still be there, where none was found; else Infinity. */
  bound: number
}

/**
 * Judges which kind came first, and the order of the others. The first against the next, two-sided, is a fair test
 * although both were picked after looking: with more kinds level at the top a false lead only grows rarer, so no test
 * of all kinds at once has to come before it. The further gaps share a 5% of their own.
 *
 * Source: S. Gutmann and Z. Maymin, "Is the selected population the best?", Annals of Statistics 15 (1987) 456–461.
 *
 * @example judgeKinds(table, judging).first // 2: the third kind
 */
export function judgeKinds(table: ScoreTable, judging: Judging): KindsJudgement {
  const ranking = rankLevels(table, testedLevels(table), judging.scale)
  const { order } = ranking
  const most = judging.best === 'most'
  const stated = most ? 0 : order.length - 2
  const first = (most ? order[0] : order.at(-1)) ?? -1
  const next = (most ? order[1] : order.at(-2)) ?? -1
  if (order.length < 2) return { verdict: tooLittle, first, next, order: [order], ranking, bound: Infinity }
  let known: number[][] | null = null
  const ranks = () => (known ??= tiedOrder(ranking, stated))
  const told = (verdict: Verdict, bound = Infinity): KindsJudgement => ({
    verdict,
    first,
    next,
    ranking,
    bound,
    get order() {
      return ranks()
    },
  })
  const verdict = verdictOf(ranking.gap(stated))
  if (verdict.word === 'clear') return told(verdict)
  const top = most ? defined(ranks()[0]) : lastOf(ranks())
  const { within, bound, coarse } = openDifference(table, judging, top, order.length)
  if (within && ranks().length === 1)
    return told({ ...verdict, word: 'no-difference', because: 'within-noticing' }, bound)
  if (within) return told({ ...verdict, word: 'clear', because: 'level-at-top' }, bound)
  if (verdict.word === 'leaning') return told(verdict)
  if (coarse) return told({ ...verdict, because: 'too-coarse' })
  return comparingGroups(table) === 1 && !isReplicated(table) ? told(tooLittle) : told(verdict)
}
