import { firstOf, itemAt, lastOf } from '../defined'
import type { Evidence, TrendEvidence } from '../evidence'
import { orderedLevels, type Plan } from '../plan'
import { hasOrder } from '../recording'
import { checkParts } from './checkParts'
import type { Claim } from './claim'

/**
 * The strongest claim that the data let a class make, over the levels that have been tested; while the data
 * can't tell, it is no more than "we think that". It is where the sentence parts start from; the class decides.
 * Where a trend levels off, starts late or turns, the claim reaches over the part that goes one way.
 * @returns null while there is nothing to compare, and where levels differ without any part that goes one way:
 * that is said in the class's own words
 * @example suggestClaim(plan, evidence)?.strength // 'always' when every group agrees
 */
export function suggestClaim(plan: Plan, evidence: Evidence): Claim | null {
  const { judgement, results } = evidence
  // Claims are of levels, and not of the sides of one thing.
  if (plan.besides || results.length < 2 || judgement.verdict.because === 'uneven') return null
  for (const parts of candidates(plan, evidence))
    for (const strength of ['always', 'mostly', 'together', 'think'] as const) {
      const claim = { ...parts, strength }
      if (checkParts(plan, claim, evidence).fit === 'fits') return claim
    }
  return null
}

/** What may be claimed, the best first; how strongly, the check says. */
function candidates(plan: Plan, evidence: Evidence): Omit<Claim, 'strength'>[] {
  const { judgement } = evidence
  const scope = testedScope(plan, evidence)
  if (judgement.verdict.word === 'no-difference')
    return [{ subject: 'trend', comparison: 'same', levelIds: [], scope }]
  if (judgement.kind === 'kinds') {
    const end = plan.best === 'least' ? 'least' : 'most'
    const level = judgement.verdict.because === 'level-at-top'
    const top = end === 'least' ? lastOf(judgement.order) : firstOf(judgement.order)
    return [
      {
        subject: end,
        comparison: level ? 'same' : end === 'least' ? 'less' : 'more',
        levelIds: level ? top : judgement.first ? [judgement.first.level.id] : [],
        scope,
      },
    ]
  }
  const whole = { subject: 'trend' as const, levelIds: [], scope }
  const part = partOneWay(evidence, judgement)
  return [
    ...(part ? [{ ...whole, ...part }] : []),
    { ...whole, comparison: judgement.direction === 'falling' ? ('less' as const) : ('more' as const) },
  ]
}

/** The part of the levels over which a clear trend goes one way, where it does not do so throughout. */
function partOneWay(
  { comparison: { levels } }: Evidence,
  { direction, shape, steps, verdict }: TrendEvidence,
): { comparison: Claim['comparison']; scope: Claim['scope'] } | null {
  if (verdict.word !== 'clear') return null
  const comparison = direction === 'falling' ? 'less' : 'more'
  const between = (from: number, to: number): Claim['scope'] => ({
    kind: 'between',
    fromId: itemAt(levels, from).id,
    toId: itemAt(levels, to).id,
  })
  const [start, end] = [firstOf(steps).from, lastOf(steps).to]
  if (shape.kind === 'levels-off') return { comparison, scope: between(start, shape.at) }
  if (shape.kind === 'starts-late') return { comparison, scope: between(shape.at, end) }
  if (shape.kind === 'turns')
    return { comparison: shape.first === 'up' ? 'more' : 'less', scope: between(start, shape.at) }
  return null
}

/** All levels when both ends have readings, else the part between those that have. */
function testedScope(plan: Plan, { results }: Evidence): Claim['scope'] {
  const levels = orderedLevels(plan)
  const fromId = firstOf(results).level.id
  const toId = lastOf(results).level.id
  if (!hasOrder(plan) || (firstOf(levels).id === fromId && lastOf(levels).id === toId))
    return { kind: 'tested' }
  return { kind: 'between', fromId, toId }
}
