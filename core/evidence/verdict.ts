/** What the data can say, in four words. */
export type VerdictWord = 'clear' | 'leaning' | 'cant-tell' | 'no-difference'

/** Where a chance is small enough to count: two-sided. */
export const clearAt = 0.05
export const leaningAt = 0.2

/** What a verdict rests on. */
export interface VerdictGrounds {
  /** Two-sided chance of a result this strong if the change did nothing. */
  p: number
  /** Whether every block shows the same order and no try of the lower end reaches the upper end; asked only when it matters. */
  fullAgreement: () => boolean
  blocks: number
  /** Difference between the results that are compared, in the unit measured. */
  difference: number
  /** The smallest difference that the readings could show, in the same unit. */
  resolution: number
}

/** A verdict with how it came about. */
export interface Verdict {
  word: VerdictWord
  because:
    'chance' | 'small-class-agreement' | 'below-resolution' | 'too-little-data' | 'groups-disagree' | 'uneven'
}

/**
 * The verdict from its grounds.
 *
 * - *clear*: a two-sided chance of at most 1 in 20; or, where at least two blocks agree fully without
 *   overlap but are too few for any chance that small, that agreement itself;
 * - *no difference we could measure*: at least three blocks, and the results differ by no more than the
 *   readings can show;
 * - *leaning*: a chance of at most 1 in 5;
 * - *can't tell yet*: anything else.
 *
 * @example decideVerdict({ p: 0.25, fullAgreement: () => true, blocks: 3, difference: 9, resolution: 1 }).word // 'clear'
 */
export function decideVerdict({ p, fullAgreement, blocks, difference, resolution }: VerdictGrounds): Verdict {
  if (blocks < 2) return { word: 'cant-tell', because: 'too-little-data' }
  if (difference <= resolution)
    return blocks >= 3
      ? { word: 'no-difference', because: 'below-resolution' }
      : { word: 'cant-tell', because: 'too-little-data' }
  if (p <= clearAt) return { word: 'clear', because: 'chance' }
  if (fullAgreement()) return { word: 'clear', because: 'small-class-agreement' }
  if (p <= leaningAt) return { word: 'leaning', because: 'chance' }
  return { word: 'cant-tell', because: 'groups-disagree' }
}
