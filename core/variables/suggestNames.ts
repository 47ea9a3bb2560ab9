import type { CupboardInstrument } from '../instrument'
import { instrumentCupboard } from '../instrument'
import type { Plan } from '../plan'
import { suggestParts } from '../wonder'
import { guessFromNames } from './cards'

/**
 * Returns the plan with the names of what is changed and measured, where its question says both and nothing was named or planned yet; as it is
 * in any other case.
 * @param cupboard the instruments at hand
 * @example withSuggestedNames({ ...blank, question: 'Does a heavier ball bounce higher?' }).measured.name // 'bounce height'
 */
export function withSuggestedNames(
  plan: Plan,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): Plan {
  const { changed, measured, levels, question } = plan
  if (changed.name.trim() !== '' || measured.name.trim() !== '' || levels.length > 0) return plan
  const { change, measure } = suggestParts(question)
  if (!change[0] || !measure[0]) return plan
  return guessFromNames(
    { ...plan, changed: { ...changed, name: change[0] }, measured: { ...measured, name: measure[0] } },
    cupboard,
  )
}
