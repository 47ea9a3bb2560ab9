import type { Level, Summary } from '../plan'
import type { ScoreScale } from './score'

/** What scores are weighed against: the levels compared, and how finely their results can be told apart. */
export interface Comparison {
  scale: ScoreScale
  /** In the order of comparison. */
  levels: Level[]
  /** Whether results may rise or fall along the levels. */
  ordered: boolean
  /** Which end of the measure comes first among kinds. */
  best: 'most' | 'least'
  /** How the tries of a cell become one number. */
  summary: Summary
  /** The smallest difference that two scores can show, in the unit of the scores. */
  mark: number
  /** Standard deviation of one score from reading alone, in the same unit. */
  error: number
}
