/** What scores can be compared by: their distance, their order, or their place in a row of words. */
export type ScoreScale = 'number' | 'order' | 'word'

/** One result of one try, worked out from what was recorded; all that evidence ever sees of it. */
export interface Score {
  /** Identifies what the score was worked out from. */
  id: string
  groupId: string
  levelId: string
  /** The try at this level, from 1. */
  tryNumber: number
  /**
   * On the scale of the comparison. Infinity (or −Infinity, where more is first) is a score that never came:
   * it ranks last, tied with its like, and has no mean.
   */
  value: number
  /** Of a score that never came: how far it still was from coming, so that those that never came stand in an order too. */
  short?: number
}
