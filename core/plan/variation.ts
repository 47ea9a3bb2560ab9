import { newLevel } from './levels'
import type { Plan } from './plan'

/** Fewer tries than this show little of how much something varies. */
export const triesForVariation = 8

/**
 * Whether nothing is compared: the class looks how much one setting varies from try to try.
 * @example looksAtVariation(plan) // false: three drop heights are compared
 */
export const looksAtVariation = ({ comparison }: Pick<Plan, 'comparison'>): boolean =>
  comparison === 'variation'

/**
 * Whether there is one setting only, so that nothing can be compared, whether a class wants to or not.
 * @example hasOneSetting(plan) // false
 */
export const hasOneSetting = (plan: Pick<Plan, 'comparison' | 'levels'>): boolean =>
  looksAtVariation(plan) || plan.levels.length === 1

/**
 * The plan turned to one setting that is tested many times: of its levels the first, or one of its own where it has none.
 * @example withVariation(plan).levels.length // 1
 */
export function withVariation(plan: Plan): Plan {
  const isNamed = plan.changed.name.trim() !== '' && plan.levels.length > 0
  return {
    ...plan,
    comparison: 'variation',
    changed: isNamed ? plan.changed : { ...plan.changed, kind: 'kinds', unit: null, range: null },
    levels: isNamed ? plan.levels.slice(0, 1) : [newLevel({ name: 'our setting' })],
    properties: [],
    levelOrder: 'same',
    tries: Math.max(plan.tries, triesForVariation),
    prediction: { ...plan.prediction, format: 'number' },
    expected: null,
  }
}

/**
 * The plan turned back to comparing its levels.
 * @example withLevelsCompared(withVariation(plan)).comparison // 'levels'
 */
export const withLevelsCompared = (plan: Plan): Plan => ({ ...plan, comparison: 'levels' })
