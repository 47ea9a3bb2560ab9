import type { ReadRow } from './scoring'

/** What a lesson's readings look like where dots of its scores do not show it: as the way hands it to a chart and its table. */
export type Picture =
  | { kind: 'curves'; curves: Curve[] }
  /** Each try as a line from moment to moment. */
  | { kind: 'paired'; moments: string[]; rows: ReadRow[] }
  /** The parts on top of one another, and beside them the whole, which the rows hold last. */
  | {
      kind: 'stacked'
      parts: string[]
      whole: string
      rows: ReadRow[]
      /** How far the readings alone may be off. */ within: number
    }
  /** Words or places that stand in rows and columns: the darker, the further along. */
  | { kind: 'tiles'; tiles: Tiles }
  /** Results from round to round. */
  | { kind: 'steps'; steps: RoundSteps[] }

/** The readings of one container along time. */
export interface Curve {
  groupId: string
  levelId: string
  tryNumber: number
  /** Where in the container; empty where it is read at one place. */
  position: string
  points: CurvePoint[]
}

/** One reading at its own time: minutes since the start, or the day. */
export interface CurvePoint {
  /** The moment for which it was planned. */
  moment: string
  /** Minutes since the start, or days since 1 January 1970. */
  at: number
  value: number
}

/** Rows and columns of words or places. */
export interface Tiles {
  /** What the rows and the columns are. */
  of: { rows: string; columns: string }
  rows: string[]
  /** The group that a column belongs to; null for the class. */
  columns: { head: string; groupId: string | null }[]
  cells: { row: number; column: number; text: string; share: number }[]
  /** The steps on which the rows stand, where each has a mean to stand on; the best is as high as can be. */
  podium?: Step[]
}

/** A step of a podium. */
export interface Step {
  row: number
  /** What stands on it: the mean. */
  text: string
  /** How high it is, beside the highest there can be. */
  height: number
}

/** What one group got from round to round. */
export interface RoundSteps {
  groupId: string
  /** The middle of its tries in each round, in the order of rounds; null where there is none. */
  results: (number | null)[]
  /** What it altered before each round; empty where nobody said. */
  altered: string[]
  /** The best round so far, by its place; null before the first. */
  best: number | null
}
