import { looksAtVariation, newLevel, planLimits, withLevelsCompared, withVariation, type Plan } from '../plan'
import { scoredPlan } from '../comparison'
import { inRounds, isInRounds, usualFor } from '../recording'

/**
 * Levels compared once each; a design that each group alters from round to round to beat its own best; or one setting, to see how much it
 * varies.
 */
export type Aim = 'compare' | 'improve' | 'vary'

const usualRounds = 3

/**
 * What a plan aims at.
 * @example aimOf(plan) // 'compare'
 */
export const aimOf = (plan: Plan): Aim =>
  isInRounds(plan) ? 'improve' : looksAtVariation(plan) ? 'vary' : 'compare'

/**
 * The plan turned to comparing levels, or to improving a design in rounds. Rounds are named levels in the
 * order in which they happen, so everything that works on levels works on them.
 * @example withAim(plan, 'improve').levels.map((level) => level.name) // ['round 1', 'round 2', 'round 3']
 */
export function withAim(plan: Plan, aim: Aim): Plan {
  if (aimOf(plan) === aim) return plan
  if (aim === 'vary') {
    const single = isInRounds(plan) ? withAim(plan, 'compare') : plan
    // Places and words compare one thing with another, so they say nothing of one alone.
    const isOrder = scoredPlan(single).measured.scale !== undefined
    return withVariation(isOrder ? { ...single, recording: usualFor(single.measured.unit) } : single)
  }
  if (looksAtVariation(plan)) return withAim(withLevelsCompared(plan), aim)
  if (aim === 'compare')
    return { ...plan, levels: [], recording: usualFor(plan.measured.unit), expected: null }
  return withRounds(
    {
      ...plan,
      changed: { name: plan.changed.name.trim() || 'our design', kind: 'kinds', unit: null, range: null },
      levels: [],
      properties: [],
      recording: inRounds(),
      levelOrder: 'same',
      whoTests: plan.whoTests === 'whole-class' ? 'whole-class' : 'all-levels',
      prediction: { ...plan.prediction, format: 'number' },
      expected: null,
    },
    usualRounds,
  )
}

/**
 * The plan with this many rounds; rounds that stay keep their readings.
 * @throws RangeError for fewer than 2 rounds or more than a plan has room for.
 */
export function withRounds(plan: Plan, count: number): Plan {
  if (!Number.isInteger(count) || count < 2 || count > planLimits.levels)
    throw new RangeError(`a design is improved in 2 to ${planLimits.levels} rounds`)
  const more = Array.from({ length: Math.max(0, count - plan.levels.length) }, (_, index) =>
    newLevel({ name: `round ${plan.levels.length + index + 1}` }),
  )
  return { ...plan, levels: [...plan.levels, ...more].slice(0, count) }
}
