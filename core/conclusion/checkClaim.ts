import type { Evidence } from '../evidence'
import type { Plan } from '../plan'
import { checkParts, type ClaimFit } from './checkParts'
import type { Claim } from './claim'
import { suggestClaim } from './suggestClaim'

/** What the check says of a claim. */
export interface ClaimCheck {
  fit: ClaimFit
  reason: string
  /** A claim that the data carry, where this one is not it. */
  suggestion: Claim | null
}

/**
 * Checks a claim against the data of its own scope and subject: does it contradict them, go beyond them, say less than they
 * allow, or fit?
 * @example checkClaim(plan, { ...claim, scope: { kind: 'everything' } }, evidence).fit // 'says-more'
 */
export function checkClaim(plan: Plan, claim: Claim, evidence: Evidence): ClaimCheck {
  const { fit, reason } = checkParts(plan, claim, evidence)
  const suggestion = fit === 'fits' || fit === 'not-checked' ? null : suggestClaim(plan, evidence)
  return { fit, reason, suggestion }
}
