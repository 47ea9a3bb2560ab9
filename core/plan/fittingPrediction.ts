import type { Changed, Plan } from './plan'

/**
 * How a prediction is put where this is changed: named kinds have no direction, so a class chooses one of them instead.
 * @example fittingPrediction(plan, { ...plan.changed, kind: 'kinds' }).format // 'choice' for a direction
 */
export function fittingPrediction(
  { prediction }: Pick<Plan, 'prediction'>,
  { kind }: Pick<Changed, 'kind'>,
): Plan['prediction'] {
  return kind === 'kinds' && prediction.format === 'direction'
    ? { ...prediction, format: 'choice' }
    : prediction
}
