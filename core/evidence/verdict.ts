/** Which of the two tests carries a verdict: the groups' results, or the tries inside the groups. */
export type CarriedBy = 'groups' | 'tries'

/** What the data can say, in four words. */
export type VerdictWord = 'clear' | 'leaning' | 'cant-tell' | 'no-difference'

/** Where a chance is small enough to count: two-sided. */
export const clearAt = 0.05
export const leaningAt = 0.2

/** How a verdict came about. */
export type Because =
  | CarriedBy
  /** Up and then down, or the other way round, each beyond chance. */
  | 'turns'
  /** Levels differ, but neither rise nor fall throughout. */
  | 'uneven'
  /** Several came first, level with each other and ahead of the rest. */
  | 'level-at-top'
  /** Whatever difference there is lies within what is worth noticing. */
  | 'within-noticing'
  /** One mark of the scale is too large a part of what was read. */
  | 'too-coarse'
  | 'too-little-data'
  | 'open'

/** A verdict with how it came about. */
export interface Verdict {
  word: VerdictWord
  because: Because
  /** Two-sided chance of a result this strong if the change did nothing; 1 where nothing could be compared. */
  p: number
}

export const tooLittle: Verdict = { word: 'cant-tell', because: 'too-little-data', p: 1 }

/**
 * The verdict on a difference by its chance: *clear* up to 1 in 20, *leaning* up to 1 in 5, else *can't tell yet*.
 * @example verdictOf({ p: 0.06, carriedBy: 'tries' }).word // 'leaning'
 */
export function verdictOf({ p, carriedBy }: { p: number; carriedBy: CarriedBy }): Verdict {
  if (p <= clearAt) return { word: 'clear', because: carriedBy, p }
  if (p <= leaningAt) return { word: 'leaning', because: carriedBy, p }
  return { word: 'cant-tell', because: 'open', p }
}
