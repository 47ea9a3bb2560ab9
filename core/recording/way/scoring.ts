import type { Entry, Slot } from '../../entries'
import type { Score } from '../../evidence'
import type { Plan, SidesKind } from '../../plan'
import type { Unit } from '../../quantity'

/** How entries become scores that can be compared. */
export interface WayScoring {
  /**
   * The plan as its scores are measured, where those are not what is read: beats in 15 s become beats a minute. It may depend on what
   * was read: where starts differ, a change becomes a share.
   */
  scored: (plan: Plan, counted: readonly Entry[]) => Plan
  /** Whether that depends on what was read, so that it takes the entries to print a result. */
  scoredByEntries: (plan: Plan) => boolean
  /** How many readings enter one score, on average: two where it is a change, three where two sticks and a rest were laid end to end. */
  readingsPerScore: (plan: Plan, counted: readonly Entry[]) => number
  /** What is worked out of each try; null where what is read is what is compared. */
  arithmetic: Arithmetic | null
  /** What of one try can be compared with each other; null where a try is one number. */
  sides: Sides | null
  /** What evidence sees of the entries that stand and count. */
  scores: (plan: Plan, counted: readonly Entry[]) => Score[]
}

/** One step of the arithmetic that a try asks for. */
export interface Working {
  /** What is worked out: "how much it lost". */
  name: string
  /** What is written down to work it out: "196 g − 40 g". */
  sum: string
  value: number
  unit: Unit
  /** How finely it is worked out. */
  mark: number
  /** The whole line: "196 g − 40 g = 156 g". */
  said: string
  /** What came of it, for a table: "lost 4 g". */
  short: string
}

/** The arithmetic of a way: what is worked out of each try before it can be compared. */
export interface Arithmetic {
  /** The head of its column on paper and in the grid; null where this plan has nothing to work out. */
  head: (plan: Plan) => string | null
  /** Step by step; empty until everything is read that it takes. */
  steps: (plan: Plan, counted: readonly Entry[], row: Omit<Slot, 'moment'>) => Working[]
}

/** One row of readings of one try: what was read at each of its moments, the container taken off; null where nothing was. */
export interface ReadRow {
  groupId: string
  levelId: string
  tryNumber: number
  values: (number | null)[]
}

/** What stands beside each other within one try: its moments, its parts and the whole, or places read together. */
export interface Sides {
  /** What comparing them is. */
  kind: SidesKind
  /** What they are called, first the one that the others are compared with; none where this plan has nothing of the kind. */
  names: (plan: Plan) => string[]
  /** Why they can't be compared in this plan; null where they can. */
  refused: (plan: Plan) => string | null
  /** What stands at each of them, try by try, in their order. */
  rows: (plan: Plan, counted: readonly Entry[]) => ReadRow[]
  /** The plan as that is measured. */
  scored: (plan: Plan, counted: readonly Entry[]) => Plan
  /** How many readings stand at one of them, on average. */
  readings: (plan: Plan) => number
}
