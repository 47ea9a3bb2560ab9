import { itemAt } from '../../defined'
import { median } from 'simple-statistics'
import { stripRoundingNoise } from '../../quantity'
import type { RoundSteps } from '../way'

/** What results from round to round come to. */
export interface Progress {
  /** The best until each round; null before the first result. */
  bestSoFar: (number | null)[]
  /** How much better each round was than the last one before it that has a result; null for the first. */
  gains: (number | null)[]
  /** The place of the best round; the first of several. */
  best: number | null
}

/**
 * Best so far and gain per round.
 * @param results in the order of rounds; null where a round has none
 * @param end which end is better
 * @example progressOf([6, 9, 8, 12], 'most') // { bestSoFar: [6, 9, 9, 12], gains: [null, 3, -1, 4], best: 3 }
 */
export function progressOf(results: readonly (number | null)[], end: 'most' | 'least'): Progress {
  const sign = end === 'most' ? 1 : -1
  const progress: Progress = { bestSoFar: [], gains: [], best: null }
  let last: number | null = null
  results.forEach((result, round) => {
    const before: number | null = progress.best === null ? null : itemAt(results, progress.best)
    if (result !== null && (before === null || sign * result > sign * before)) progress.best = round
    progress.bestSoFar.push(progress.best === null ? null : itemAt(results, progress.best))
    progress.gains.push(result === null || last === null ? null : sign * (result - last))
    if (result !== null) last = result
  })
  return progress
}

/**
 * The middle of the groups in each round; null where none has a result.
 * @param rounds how many there are
 * @example middlesOf(steps, 3) // [5, 10, 14]
 */
export const middlesOf = (steps: readonly Pick<RoundSteps, 'results'>[], rounds: number): (number | null)[] =>
  Array.from({ length: rounds }, (_, round) => {
    const own = steps.flatMap(({ results }) => results[round] ?? [])
    return own.length === 0 ? null : stripRoundingNoise(median(own))
  })
