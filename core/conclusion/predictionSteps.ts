import { wayOf } from '../recording'
import type { Plan, PredictionStep } from '../plan'
import type { Slot } from '../entries'

/** What each step is called, behind a prediction. */
export const stepSaid: Record<PredictionStep, string> = {
  before: 'before testing',
  begun: 'after the first readings',
  parts: 'once the parts were measured',
}

/**
 * When predictions are asked for: before testing, and once more where the plan says so and its way of recording has such a moment.
 * @example predictionSteps(plan) // ['before']
 */
export function predictionSteps(plan: Pick<Plan, 'prediction' | 'recording'>): PredictionStep[] {
  const { again } = plan.prediction
  return again !== undefined && laterSteps(plan).includes(again) ? ['before', again] : ['before']
}

/**
 * The steps at which a plan may ask once more.
 * @example laterSteps(plan) // ['begun']
 */
export const laterSteps = (plan: Pick<Plan, 'recording'>): PredictionStep[] => [
  'begun',
  ...(wayOf(plan).sides?.kind === 'parts' ? (['parts'] as const) : []),
]

/**
 * Whether a group has come to a later step of predicting: it has read its first try, or is about to put the parts together.
 * @param done how much the group has read, and @param next what it reads next; null once nothing is left
 * @example isAtStep(plan, 'begun', { done: 1, next: { groupId: 'leaf', levelId: 'h20', tryNumber: 2, moment: '' } }) // true
 */
export function isAtStep(
  plan: Plan,
  step: PredictionStep,
  { done, next }: { done: number; next: Slot | null },
): boolean {
  if (step === 'before') return done === 0
  if (done === 0 || next === null) return false
  if (step === 'parts') return wayOf(plan).runsBefore(plan, next.moment)
  const perTry = wayOf(plan)
    .columns(plan)
    .filter(({ tryNumber, once }) => tryNumber === 1 && !once).length
  return done >= Math.max(1, perTry)
}
