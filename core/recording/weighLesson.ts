import { weighEvidence, type Comparison, type Evidence } from '../evidence'
import { resolutionOf } from '../instrument'
import { hasOrder, orderedLevels, type Plan } from '../plan'
import type { Reading } from '../record'
import { scoresOf } from './scoresOf'

/**
 * What a plan compares, as evidence needs to know it.
 * @example comparisonOf(plan).ordered // true for drop heights
 */
export function comparisonOf(plan: Plan): Comparison {
  return {
    scale: 'number',
    levels: orderedLevels(plan),
    ordered: hasOrder(plan),
    best: plan.best ?? 'most',
    summary: plan.summary,
    ...resolutionOf(plan),
  }
}

/**
 * Weighs everything that a lesson has recorded.
 * @param readings every reading ever made; superseded and set-aside ones are left out here
 * @example weighLesson(plan, readings).finding.verdict.word // 'clear'
 */
export function weighLesson(plan: Plan, readings: readonly Reading[]): Evidence {
  return weighEvidence(comparisonOf(plan), scoresOf(readings))
}
