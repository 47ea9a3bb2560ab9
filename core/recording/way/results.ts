import type { Entry, Slot } from '../../entries'
import type { LevelResult, ResultSentence } from '../../evidence'
import type { Plan } from '../../plan'
import type { Picture } from './picture'

/** What is shown and said of all readings together. */
export interface WayResults {
  /** What the readings look like; null where the dots of the scores show it all. */
  picture: ((plan: Plan, counted: readonly Entry[]) => Picture) | null
  /** What each level did, in the way's own words; null where the sentence of the result says it. */
  detail: (plan: Plan, counted: readonly Entry[], results: readonly LevelResult[]) => string | null
  /** What cannot all be right. */
  doubts: (plan: Plan, counted: readonly Entry[]) => Doubt[]
  /** What is to be seen while nothing can be compared yet; null where that is nothing. */
  soFar: (plan: Plan, counted: readonly Entry[]) => ResultSentence | null
}

/** Something in what was recorded that cannot all be right, and where to look again. */
export interface Doubt {
  groupId: string
  said: string
  /** Where a repeat would settle it. */
  slot: Slot
}
