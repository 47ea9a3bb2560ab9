import type { Plan } from '../plan'
import { claimSentence, type Conclusion } from './claim'

/**
 * The answer that a class came to: its own words, else the sentence made of the claim's parts, else null.
 * @example classAnswer(plan, { ...conclusion, ownWords: 'Higher drop, higher bounce.' }) // 'Higher drop, higher bounce.'
 */
export function classAnswer(plan: Plan, { claim, ownWords }: Conclusion): string | null {
  // A claim is of levels; it waits where the sides of one thing are compared.
  return ownWords || (claim && !plan.besides ? claimSentence(plan, claim) : null)
}
