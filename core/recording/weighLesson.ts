import { weighEvidence, type Evidence } from '../evidence'
import type { Plan } from '../plan'
import type { Entry } from '../record'
import { comparisonOf } from './comparisonOf'
import { wayOf } from './registry'
import { countedOf, scoresOf } from './scoresOf'

/**
 * A plan as its scores are measured, for everything that prints results: for beats counted in 15 s the beats a minute.
 * @param entries every entry ever made; where starts differ, a change is a share
 * @example scoredPlan(plan).measured.name // 'heart beats a minute'
 */
export function scoredPlan(plan: Plan, entries: readonly Entry[] = []): Plan {
  return wayOf(plan).scored(plan, countedOf(entries))
}

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
