import type { Plan } from '../../plan'
import { predicateOf } from '../../words'

/**
 * What is measured as it is ranked, for its words.
 * @example asRank(plan).scale.kind // 'rank'
 */
export const asRank = ({ measured, levels }: Pick<Plan, 'measured' | 'levels'>) => ({
  ...measured,
  scale: { kind: 'rank' as const, of: levels.length },
})

/**
 * What the one that comes out ahead does: "is harder", "has more bounce height".
 * @example comparesAs(plan) // 'has more bounce height'
 */
export function comparesAs(plan: Pick<Plan, 'measured' | 'levels'>): string {
  const predicate = predicateOf(asRank(plan))
  return predicate ? `is ${predicate.more}` : `has more ${plan.measured.name}`
}
