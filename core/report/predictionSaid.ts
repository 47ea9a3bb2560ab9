import { predictionWords, type Prediction } from '../conclusion'
import type { Plan } from '../plan'

/** A prediction as it is kept. */
export type KeptPrediction = Omit<Prediction, 'late' | 'known'>

/**
 * A prediction with its reason.
 * @param scored the plan as its results are measured (`scoredPlan`)
 * @example predictionSaid(scored, plan, { answer: { format: 'direction', direction: 'more' }, because: 'it is faster' }) // 'the higher the drop, the higher the bounce, because it is faster'
 */
export function predictionSaid(
  scored: Plan,
  plan: Plan,
  { answer, because }: Pick<KeptPrediction, 'answer' | 'because'>,
): string {
  const reason = because.trim().replace(/^because /i, '')
  return `${predictionWords(scored, answer, plan)}${reason === '' ? '' : `, because ${reason}`}`
}
