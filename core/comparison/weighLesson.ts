import { weighEvidence, type Comparison, type Evidence } from '../evidence'
import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { comparisonOf, wayOf } from '../recording'
import { scoredPlan } from './scoredPlan'
import { scoresOf } from './scoresOf'
import { sidesOf } from './sidesOf'
import { weighSides } from './weighSides'

/**
 * Weighs what a lesson has recorded.
 * @param counted the entries that stand and count
 * @param groupIds the groups of the class, in order; without them nobody knows how much is still to come
 * @param finished whether testing was said to be over, although not all planned tries are in
 * @param foretold stretches, or pairs, of levels that were predicted before testing
 * @example weighLesson(plan, standingOf(entries).counted, ['leaf', 'bell', 'key']).judgement.verdict.word // 'clear'
 */
export function weighLesson(
  plan: Plan,
  counted: readonly Entry[],
  groupIds: readonly string[] = [],
  finished = false,
  foretold: Comparison['foretold'] = [],
): Evidence {
  const inside = sidesOf(plan)
  if (inside) return weighSides(plan, inside, counted, groupIds, finished)
  const way = wayOf(plan)
  const { sideBySide } = way.needs(plan.recording)
  return weighEvidence(
    comparisonOf(scoredPlan(plan, counted), groupIds, way.readingsPerScore(plan, counted), {
      sideBySide,
      inRounds: way.improves,
      finished,
      foretold,
    }),
    scoresOf(plan, counted),
  )
}
