import type { Level, Summary } from '../plan'
import type { ScoreScale } from './score'

/** What counts as a difference worth noticing: at least so much, and at least this share of the middle result. */
export interface WorthNoticing {
  least: number
  share: number
}

/** How scores of levels are judged. */
export interface Judging {
  scale: ScoreScale
  /** Which end of the measure comes first among kinds. */
  best: 'most' | 'least'
  worth: WorthNoticing
  /** Whether nought is nothing at all, so that a share of a result means something: not so of temperatures and of changes. */
  hasNought: boolean
}

/** What scores are weighed against: the levels compared, and how finely their results can be told apart. */
export interface Comparison extends Judging {
  /** In the order of comparison. */
  levels: Level[]
  /** Whether results may rise or fall along the levels. */
  ordered: boolean
  /** Whether the levels are rounds in which a design is improved, so that later is what larger is elsewhere. */
  inRounds: boolean
  /** Whether the tries of one number are one heat, or one order, of all levels. */
  inHeats: boolean
  /** How the tries of a cell become one number. */
  summary: Summary
  /** The smallest difference that two scores can show, in the unit of the scores. */
  mark: number
  /** Standard deviation of one score from reading alone, in the same unit. */
  error: number
  /** Whether all groups went through the levels in one order, so that whatever comes with time looks like the levels. */
  sameOrder: boolean
  /** How many tries each group is to make at each level. */
  tries: number
  /** The same by group id, where groups make different numbers of them. */
  triesOf?: Record<string, number>
  /** Whether somebody has said that testing is over, although not all planned tries are in. */
  finished: boolean
  /** From how many stretches of levels these were chosen after looking; 1 where nobody chose. */
  chosenFrom: number
  /** Stretches, or pairs, of levels that were predicted before testing, by the ids of two levels: each needs no more than its own 5%. */
  foretold: readonly (readonly [string, string])[]
  /** The groups meant to test each level, by level id; empty where nobody has said. */
  meant: Record<string, string[]>
}
