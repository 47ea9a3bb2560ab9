import { defined } from '../defined'
import type { ScoreTable } from './scoreTable'
import { studentTail } from './tails'

/** Means of the levels over the groups that tested all of them, and how far chance moves them. */
export interface LevelFit {
  /** In the order of the levels asked for. */
  means: number[]
  /** Standard deviation of one mean, as far as it is not shared by all levels. */
  spread: number
  freedom: number
}

/**
 * Fits groups and levels to the results of the cells; what is left of them, set-ups and tries together, is how far chance moves a mean.
 *
 * Source: the randomised block design, R. A. Fisher, The Design of Experiments (1935), section 26.
 *
 * @param tested places of the levels
 * @returns null where fewer than two groups tested all of them
 * @example levelFit(table, [0, 1, 2])?.freedom // 2: two groups, three levels
 */
export function levelFit(
  { centres, levels, groups, mark }: ScoreTable,
  tested: readonly number[],
): LevelFit | null {
  const blocks: number[][] = []
  for (let group = 0; group < groups; group++) {
    const block = tested.map((level) => defined(centres[group * levels + level]))
    if (!block.some(Number.isNaN)) blocks.push(block)
  }
  if (blocks.length < 2 || tested.length < 2) return null
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const means = tested.map((_, place) => mean(blocks.map((block) => defined(block[place]))))
  const all = mean(means)
  let squares = 0
  for (const block of blocks) {
    const high = mean(block) - all
    block.forEach((value, place) => (squares += (value - defined(means[place]) - high) ** 2))
  }
  const freedom = (blocks.length - 1) * (tested.length - 1)
  // Results are never known better than they are read.
  const variance = Math.max(squares / freedom, mark ** 2 / 12)
  return { means, spread: Math.sqrt(variance / blocks.length), freedom }
}

/**
 * How much a weighted sum of the levels comes to, and the chance of at least so much if it were no more than `beside`.
 * @param weights one for each level, their sum 0
 * @example contrast(fit, [-1, 0, 1]).amount // 21: the last level less the first
 */
export function contrast(
  { means, spread, freedom }: LevelFit,
  weights: readonly number[],
  beside = 0,
): { amount: number; p: number } {
  const amount = weights.reduce((sum, weight, place) => sum + weight * defined(means[place]), 0)
  const length = Math.sqrt(weights.reduce((sum, weight) => sum + weight ** 2, 0))
  return { amount, p: studentTail((amount - beside) / (spread * length), freedom) }
}
