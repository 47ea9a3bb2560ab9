import type { ScoreTable } from './scoreTable'
import { setUpSpread } from './setUpSpread'

/** How far set-ups are taken to be off before a class shows it, as a share of a try's variance: half its standard deviation. */
const usual = 0.25
/** More tries of one set-up than these find it off ever more surely, so before a class shows otherwise they count for no more. */
const enough = 3
/** How many degrees of freedom that is worth beside the class's own. */
const trust = 15
/**
 * How many tries of a cell the tries' quarter of the 5% has room for. A trend adds set-ups up over many levels, so that is used up sooner
 * than by two levels.
 */
const takenFreely = (levels: number) => (levels <= 2 ? 3 : levels === 3 ? 2.4 : 2)
/** What the class's own figure lets be spared of that: less where two levels are all there is, so that one comparison decides. */
const spared = (levels: number) => (levels <= 2 ? 1.12 : 1.25)

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
  const all = (trust * (1 + tries * expectedOf(tries)) + freedom * ratio) / (trust + freedom)
  const effect = effectOf(tries, Math.max(0, (all - 1) / tries))
  const free = effectOf(takenFreely(levels.length), usual)
  return Math.max(1, (effect * widerThanNormal(trust + freedom)) / (free * spared(table.levels)))
}

/** By how much the variance of a sum over tries grows when they share a part of it. */
const effectOf = (tries: number, share: number) => (1 + tries * share) / (1 + share)

/** The share of a try's variance that is expected of set-ups: from so many tries on, what leaves them worth as much as those. */
function expectedOf(tries: number): number {
  if (tries <= enough) return usual
  const worth = enough / effectOf(enough, usual)
  return (tries / worth - 1) / (tries - tries / worth)
}

/** How much wider a t is than the normal one, squared, where one in 160 lies beyond: by the first terms of Cornish and Fisher. */
function widerThanNormal(freedom: number): number {
  const z = 2.4977
  const t = z + (z ** 3 + z) / (4 * freedom) + (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * freedom ** 2)
  return (t / z) ** 2
}
