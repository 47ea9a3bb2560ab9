import type { Evidence } from '../evidence'
import { hasOrder, orderedLevels, type Plan } from '../plan'
import type { Claim } from './claim'

/**
 * The strongest claim that the data let a class make, over the levels that have been tested; while the data
 * can't tell, it is no more than "we think that". It is where the sentence parts start from; the class decides.
 * @returns null while there is nothing to compare, and where levels differ without rising or falling throughout:
 * that is said in the class's own words
 * @example suggestClaim(plan, evidence)?.strength // 'always' when every group agrees
 */
export function suggestClaim(plan: Plan, evidence: Evidence): Claim | null {
  const { finding, results } = evidence
  if (results.length < 2 || finding.verdict.because === 'uneven') return null
  const scope = testedScope(plan, evidence)
  if (finding.verdict.word === 'no-difference')
    return { comparison: 'same', levelId: null, strength: 'mostly', scope }
  const strength =
    finding.verdict.word !== 'clear' ? 'think' : finding.dissenting.length === 0 ? 'always' : 'mostly'
  if (finding.kind === 'trend')
    return { comparison: finding.direction === 'falling' ? 'less' : 'more', levelId: null, strength, scope }
  return {
    comparison: plan.best === 'least' ? 'less' : 'more',
    levelId: finding.first?.level.id ?? null,
    strength,
    scope,
  }
}

/** All levels when both ends have readings, else the part between those that have. */
function testedScope(plan: Plan, { results }: Evidence): Claim['scope'] {
  const levels = orderedLevels(plan)
  const fromId = results[0]!.level.id
  const toId = results.at(-1)!.level.id
  if (!hasOrder(plan) || (levels[0]!.id === fromId && levels.at(-1)!.id === toId)) return { kind: 'tested' }
  return { kind: 'between', fromId, toId }
}
