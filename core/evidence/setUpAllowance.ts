import type { ScoreTable } from './scoreTable'
import { setUpSpread } from './setUpSpread'

/**
 * How far set-ups are taken to be off before a class shows it, as a share of a try's variance: half its standard deviation. Of five tries
 * and more, which would find any set-up that is off, more is expected.
 */
const usual = { upToThree: 0.25, fromFive: 0.65 }
/** How many degrees of freedom that is worth beside the class's own. */
const trust = 15
/**
 * How many tries of a cell the tries' quarter of the 5% has room for. A trend adds set-ups up over many levels, so that is used up sooner
 * than by two levels.
 */
const takenFreely = (levels: number) => (levels <= 2 ? 3 : levels === 3 ? 2.6 : 2)
/** What the class's own figure lets be spared of that: less where it is one number. */
const spared = (freedom: number) => (freedom <= 1 ? 1.2 : 1.25)

/**
 * Tries of one cell share whatever was wrong with its set-up, so many of them are worth less than their number. How far set-ups are off
 * is estimated from the class: what is expected of any class, and how much more cells scatter than their tries, each by its degrees of
 * freedom. The spread of a sum over the tries is then taken as that much wider, and as that of a t of so many degrees of freedom.
 *
 * Source: the design effect of clusters, L. Kish, Survey Sampling (1965), section 5.4; moderated variances, G. K. Smyth,
 * Statistical Applications in Genetics and Molecular Biology 3 (2004), article 3. The figures are those that keep wrong verdicts of 20,000
 * made-up classes below 5.5%, and below 7% where set-ups are off by a whole standard deviation (`npm run bench -- evidence`).
 *
 * @param levels places of the levels compared
 * @returns a factor of the variance, from 1
 * @example setUpAllowance(tenTries, [0, 1]) // 3.02
 */
export function setUpAllowance(table: ScoreTable, levels: readonly number[]): number {
  const { tries, ratio, freedom } = setUpSpread(table, levels)
  if (tries <= 1) return 1
  const many = Math.min(1, Math.max(0, (tries - 3) / 2))
  const expected = 1 + tries * (usual.upToThree + many * (usual.fromFive - usual.upToThree))
  const all = (trust * expected + freedom * ratio) / (trust + freedom)
  const share = Math.max(0, (all - 1) / tries)
  const effect = (1 + tries * share) / (1 + share)
  const free = 1 + (takenFreely(levels.length) - 1) * 0.2
  return Math.max(1, (effect * widerThanNormal(trust + freedom)) / (free * spared(freedom)))
}

/** How much wider a t is than the normal one, squared, where one in 160 lies beyond: by the first terms of Cornish and Fisher. */
function widerThanNormal(freedom: number): number {
  const z = 2.4977
  const t = z + (z ** 3 + z) / (4 * freedom) + (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * freedom ** 2)
  return (t / z) ** 2
}
