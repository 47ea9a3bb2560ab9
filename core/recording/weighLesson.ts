import { weighEvidence, type Evidence } from '../evidence'
import type { Plan } from '../plan'
import type { Entry } from '../record'
import { comparisonOf } from './comparisonOf'
import { wayOf } from './registry'
import { scoredPlan } from './scoredPlan'
import { scoresOf } from './scoresOf'

/**
 * Weighs everything that a lesson has recorded.
 * @param entries every entry ever made; superseded and set-aside ones are left out here
 * @param groupIds the groups of the class, in order
 * @example weighLesson(plan, entries, ['a', 'b']).finding.verdict.word // 'clear'
 */
export function weighLesson(
  plan: Plan,
  entries: readonly Entry[],
  groupIds: readonly string[] = [],
): Evidence {
  return weighEvidence(
    comparisonOf(scoredPlan(plan, entries), groupIds, wayOf(plan).readingsPerScore(plan)),
    scoresOf(plan, entries),
  )
}
