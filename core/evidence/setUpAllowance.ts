import type { ScoreTable } from './scoreTable'

/** How far a set-up is taken to be off at a level: half a standard deviation of a try. */
const setUpSd = 0.5
/**
 * How many tries of a cell are taken as they are. A trend adds set-ups up over many levels, so its share of the 5% is
 * used up sooner than that of two levels.
 */
const takenFreely = (levels: number) => (levels <= 2 ? 3 : levels === 3 ? 2.6 : 2)

/**
 * Tries of one cell share whatever was wrong with its set-up, so many of them are worth less than their number:
 * if set-ups wobble by half a standard deviation of a try, the spread of a sum over n tries grows by
 * 1 + (n − 1)·0.2. Up to a few tries that is left to the share of the 5% that tries get; from there on the
 * spread is taken as larger by what is gained beyond them.
 *
 * Source: the design effect of clusters, L. Kish, Survey Sampling (1965), section 5.4.
 *
 * @param levels places of the levels compared
 * @returns a factor of the variance, from 1
 * @example setUpAllowance(tenTries, [0, 1]) // 2
 */
export function setUpAllowance(
  { counts, levels: wide, groups }: ScoreTable,
  levels: readonly number[],
): number {
  let tries = 0
  let cells = 0
  for (let group = 0; group < groups; group++)
    for (const level of levels) {
      const count = counts[group * wide + level]!
      if (count === 0) continue
      tries += count
      cells++
    }
  const freely = takenFreely(levels.length)
  if (cells === 0 || tries / cells <= freely) return 1
  const shared = setUpSd ** 2 / (1 + setUpSd ** 2)
  const effect = (n: number) => 1 + (n - 1) * shared
  return effect(tries / cells) / effect(freely)
}
