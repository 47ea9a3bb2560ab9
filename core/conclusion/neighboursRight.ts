import { itemAt } from '../defined'
import type { Evidence } from '../evidence'
import type { Plan } from '../plan'

/** How many neighbours of a predicted order stand as the result sets them apart, of those that it does set apart. */
export interface NeighboursRight {
  right: number
  of: number
}

/**
 * Compares a predicted order with what was found, neighbour by neighbour: who came before whom.
 * @param plan as its results are measured (`scoredPlan`)
 * @param predicted level ids, the first in front
 * @example neighboursRight(plan, ['h60', 'h40', 'h20'], evidence) // { right: 2, of: 2 }
 */
export function neighboursRight(
  { best }: Pick<Plan, 'best'>,
  predicted: readonly string[],
  { judgement }: Pick<Evidence, 'judgement'>,
): NeighboursRight {
  const ranks = best === 'least' ? [...judgement.order].reverse() : judgement.order
  const rankOf = (id: string) => ranks.findIndex((rank) => rank.includes(id))
  const steps = predicted.slice(1).flatMap((id, index) => {
    const [before, after] = [rankOf(itemAt(predicted, index)), rankOf(id)]
    return before < 0 || after < 0 || before === after ? [] : [before < after]
  })
  return { right: steps.filter(Boolean).length, of: steps.length }
}
