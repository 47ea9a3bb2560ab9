import type { Evidence } from '../evidence'
import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { scoredPlan } from './scoredPlan'
import { weighLesson } from './weighLesson'

/**
 * What each level comes to by itself, whatever the plan compares: how much each lump lost where lumps are compared with themselves.
 * @example evidenceByLevel(plan, counted).evidence.results.length // 3
 */
export function evidenceByLevel(plan: Plan, counted: readonly Entry[]): { plan: Plan; evidence: Evidence } {
  const byLevel: Plan = { ...plan, comparison: 'levels' }
  return { plan: scoredPlan(byLevel, counted), evidence: weighLesson(byLevel, counted) }
}
