import type { Plan } from '../plan'
import { changedFindings } from './changedFindings'
import type { FairContext, Finding } from './finding'
import { keptSameFindings } from './keptSameFindings'
import { levelFindings } from './levelFindings'
import { measuredFindings } from './measuredFindings'
import { propertyFindings } from './propertyFindings'
import { sidesFindings } from './sidesFindings'
import { triesFindings } from './triesFindings'

/** What the Fair check says of a plan: content, worth a thought, or to be mended; and why. */
export interface FairCheck {
  state: 'good' | 'think' | 'mend'
  findings: Finding[]
}

/**
 * Checks from the plan alone whether a test is fair: one thing changed, one thing measured, the rest kept
 * the same (second properties of the levels too), enough levels and tries within reach, an outcome that the
 * instrument can show, no order that favours a level, "best" defined.
 * Findings to be mended come first. Applying a finding's remedy removes that finding.
 *
 * @param context the age of the children, and the school's words for variables
 * @example checkFair({ ...plan, tries: 1 }, { age: '7-9', words }).findings[0].code // 'too-few-tries'
 */
export function checkFair(plan: Plan, context: FairContext): FairCheck {
  const findings = [
    ...changedFindings(plan, context),
    ...levelFindings(plan, context),
    ...sidesFindings(plan),
    ...propertyFindings(plan),
    ...measuredFindings(plan, context),
    ...keptSameFindings(plan, context),
    ...triesFindings(plan, context),
  ].sort((a, b) => Number(b.severity === 'mend') - Number(a.severity === 'mend'))
  return { state: findings[0]?.severity ?? 'good', findings }
}
