import { firstOf, itemAt, lastOf, defined } from '../defined'
import {
  clearAt,
  leaderAgreement,
  testPair,
  testedLevels,
  trendAgreement,
  verdictOf,
  weighEvidence,
  type Agreement,
  type Direction,
  type Evidence,
  type Verdict,
} from '../evidence'
import { orderedLevels, type Level, type Plan } from '../plan'
import type { Claim } from './claim'
import { choicesOf } from './foretold'

/** What the data of a claim's own scope say of its own subject. */
export interface ClaimGrounds {
  verdict: Verdict
  /** Whether what the data show, however surely, is what the claim says; null where they show nothing. */
  agrees: boolean | null
  agreement: Agreement
  /** A trend that does not go one way throughout: it levels off, starts late or turns. */
  uneven: boolean
  /** It goes one way and then back. */
  turns: boolean
}

/**
 * The levels that a claim reaches over, in order: those between the two named, or all.
 * @example scopeLevels(plan, { kind: 'between', fromId: 'h20', toId: 'h60' }).length // 3
 */
export function scopeLevels(plan: Pick<Plan, 'changed' | 'levels'>, scope: Claim['scope']): Level[] {
  const levels = orderedLevels(plan)
  if (scope.kind !== 'between') return levels
  const ends = [scope.fromId, scope.toId].map((id) => levels.findIndex((level) => level.id === id))
  if (ends.includes(-1)) return []
  return levels.slice(Math.min(...ends), Math.max(...ends) + 1)
}

/**
 * Judges the subject of a claim on the data of its scope alone: a trend by the levels in scope, the most and the least each
 * against the next, a pair against each other.
 * @example judgeClaim(plan, claim, evidence).verdict.word // 'clear'
 */
export function judgeClaim(plan: Plan, claim: Claim, evidence: Evidence): ClaimGrounds {
  const own = within(evidence, scopeLevels(plan, claim.scope))
  switch (claim.subject) {
    case 'trend':
      return claim.comparison === 'same' && !own.comparison.ordered
        ? judgeAllSame(own)
        : judgeTrendClaim(claim, own)
    case 'pair':
      return judgePair(claim, own)
    case 'most':
    case 'least':
      return judgeEnd(claim, claim.subject, own)
  }
}

/**
 * The same scores, weighed over some of the levels only. Any stretch can be picked after looking, so it must be beyond chance among all
 * that there are, unless it was predicted before testing.
 */
function within(evidence: Evidence, levels: readonly Level[]): Evidence {
  const { comparison } = evidence
  const ids = new Set(levels.map((level) => level.id))
  const kept = comparison.levels.filter((level) => ids.has(level.id))
  if (kept.length === comparison.levels.length) return evidence
  return weighEvidence(
    {
      ...comparison,
      levels: kept,
      chosenFrom: choicesOf(comparison, [kept[0]?.id ?? '', kept.at(-1)?.id ?? '']),
    },
    evidence.cells.flatMap((cell) => cell.tries),
  )
}

function judgeTrendClaim({ comparison }: Claim, { judgement }: Evidence): ClaimGrounds {
  if (judgement.kind !== 'trend') return nothing
  const wanted: Direction = comparison === 'less' ? 'falling' : 'rising'
  const none = judgement.direction === 'none' && judgement.verdict.because !== 'turns'
  return {
    verdict: judgement.verdict,
    agrees: none ? null : judgement.direction === wanted,
    agreement: judgement,
    uneven: judgement.shape.kind !== 'steady' || judgement.verdict.because === 'uneven',
    turns: judgement.shape.kind === 'turns',
  }
}

/** All kinds alike: only when no end stands out either. */
function judgeAllSame({ judgement }: Evidence): ClaimGrounds {
  if (judgement.kind !== 'kinds') return nothing
  const { verdict, order } = judgement
  const differ = verdict.word === 'no-difference' ? false : order.length > 1
  return {
    verdict: differ ? { ...verdict, word: 'clear' } : verdict,
    agrees: null,
    agreement: judgement,
    uneven: false,
    turns: false,
  }
}

function judgePair(
  { levelIds, comparison }: Claim,
  { comparison: compared, table, cells, judgement }: Evidence,
): ClaimGrounds {
  const { levels } = compared
  const places = levelIds.map((id) => levels.findIndex((level) => level.id === id))
  const [a, b] = places
  if (places.length !== 2 || a === undefined || b === undefined || a < 0 || b < 0 || a === b) return nothing
  const test = testPair(table, a, b)
  const choices = choicesOf(compared, [firstOf(levelIds), itemAt(levelIds, 1)])
  const rankOf = (id: string) => judgement.order.findIndex((rank) => rank.includes(id))
  const apart = rankOf(firstOf(levelIds)) !== rankOf(itemAt(levelIds, 1))
  // Any pair can be picked after looking, so it must be beyond chance among all that could be, or set apart by the order.
  const level = judgement.verdict.word === 'no-difference' || levelAtTop(judgement, levelIds)
  const verdict: Verdict = level
    ? { ...judgement.verdict, word: 'no-difference' }
    : apart
      ? { ...verdictOf(test), word: 'clear' }
      : verdictOf({ ...test, p: Math.min(1, test.p * choices) })
  const two = cells.filter((cell) => levelIds.includes(cell.levelId))
  const ordered = { ...compared, levels: [itemAt(levels, b), itemAt(levels, a)] }
  const ahead = apart ? Math.sign(rankOf(itemAt(levelIds, 1)) - rankOf(firstOf(levelIds))) : test.ahead
  return {
    verdict,
    agrees: ahead === 0 ? null : ahead === (comparison === 'less' ? -1 : 1),
    agreement: trendAgreement(ordered, two, comparison === 'less' ? 'falling' : 'rising'),
    uneven: false,
    turns: false,
  }
}

/** Whether all of these are among those that came first, level with each other. */
function levelAtTop(judgement: Evidence['judgement'], levelIds: readonly string[]): boolean {
  if (judgement.kind !== 'kinds' || judgement.verdict.because !== 'level-at-top') return false
  const top = defined(judgement.order.find((rank) => rank.includes(defined(judgement.first).level.id)))
  return levelIds.every((id) => top.includes(id))
}

/** The most or the least: clear when its rank at that end of the order holds just what the claim names. */
function judgeEnd(claim: Claim, end: 'most' | 'least', own: Evidence): ClaimGrounds {
  const { levelIds, comparison } = claim
  const { judgement, cells, comparison: compared } = own
  const rank = end === 'most' ? judgement.order[0] : judgement.order.at(-1)
  if (!rank) return nothing
  const named = new Set(levelIds)
  const holds = levelIds.length > 0 && levelIds.every((id) => rank.includes(id))
  const whole = holds && rank.every((id) => named.has(id))
  const agreement = leaderAgreement(compared, cells, levelIds[0], end === 'most' ? 1 : -1)
  const { verdict } = judgement
  const stated =
    judgement.kind === 'kinds' && judgement.first !== null && rank.includes(judgement.first.level.id)
  const base = { agreement, uneven: false, turns: false }
  if (verdict.word === 'no-difference') return { ...base, verdict, agrees: null }
  const ofTrend = judgeEndOfTrend(claim, end, own)
  if (ofTrend) return { ...base, ...ofTrend }
  if (comparison === 'same' || levelIds.length > 1) {
    // "Together" is a claim of being level, which only that verdict carries.
    const level = stated && verdict.because === 'level-at-top'
    return {
      ...base,
      verdict: level ? verdict : { ...verdict, word: 'cant-tell', because: 'open' },
      agrees: level ? whole : null,
    }
  }
  if (judgement.order.length > 1 && rank.length === 1)
    return { ...base, verdict: { ...verdict, word: 'clear' }, agrees: holds }
  if (!holds && judgement.order.length > 1)
    return { ...base, verdict: { ...verdict, word: 'clear' }, agrees: false }
  if (levelAtTop(judgement, levelIds))
    return { ...base, verdict: { ...verdict, word: 'no-difference' }, agrees: null }
  const leaning = stated && verdict.word === 'leaning'
  const first = judgement.kind === 'kinds' ? judgement.first?.level.id : undefined
  const ahead = stated ? first : rank[end === 'most' ? 0 : rank.length - 1]
  return {
    ...base,
    verdict: leaning ? verdict : { ...verdict, word: 'cant-tell', because: 'open' },
    agrees: ahead === levelIds[0],
  }
}

/**
 * The end of a clear trend is given by where it goes, so it needs to be beyond chance beside its neighbour only; what is said of the
 * other end is settled by the trend.
 */
function judgeEndOfTrend(
  { levelIds, comparison }: Claim,
  end: 'most' | 'least',
  { judgement, table, comparison: compared }: Evidence,
): Pick<ClaimGrounds, 'verdict' | 'agrees'> | null {
  if (judgement.kind !== 'trend' || levelIds.length !== 1 || comparison === 'same') return null
  const { verdict, direction, shape } = judgement
  if (verdict.word !== 'clear' || direction === 'none' || shape.kind === 'turns' || shape.kind === 'mixed')
    return null
  const tested = testedLevels(table)
  const place = compared.levels.findIndex((level) => level.id === levelIds[0])
  const isUp = (direction === 'rising') === (end === 'most')
  const [last, next] = isUp ? [lastOf(tested), defined(tested.at(-2))] : [firstOf(tested), itemAt(tested, 1)]
  if (place === (isUp ? tested[0] : tested.at(-1))) return { verdict, agrees: false }
  if (place !== last || testPair(table, last, next).p > clearAt) return null
  return { verdict, agrees: true }
}

const nothing: ClaimGrounds = {
  verdict: { word: 'cant-tell', because: 'too-little-data', p: 1 },
  agrees: null,
  agreement: { groups: 0, agreeing: 0, dissenting: [], unanimous: false },
  uneven: false,
  turns: false,
}
