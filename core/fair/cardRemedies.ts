import type { Plan, Remedy } from '../plan'
import { moveCard, variableCards, type CardPlace } from '../variables'
import { quoted } from './finding'

/** Remedies that pick one of the cards on the board, the first three of them. */
export function cardRemedies(plan: Plan, from: CardPlace[], to: CardPlace, verb: string): Remedy[] {
  return variableCards(plan)
    .filter((card) => from.includes(card.place) && card.name.trim() !== '')
    .slice(0, 3)
    .map((card) => ({
      label: `${verb} the ${quoted(card.name)}`,
      apply: (before) => moveCard(before, card.id, to),
    }))
}
