/** What a group does in a try. */
export type ActivityKind = 'set-up' | 'run' | 'read' | 'reset'

/** One thing that a group does, for so many seconds, one after the other. */
export interface Activity {
  kind: ActivityKind
  /** Null where all levels are tested at once. */
  levelId: string | null
  /** 0 for practice. */
  tryNumber: number
  /** Which moment is read; empty where there is one. */
  moment: string
  seconds: number
  /** What it takes of the things that are shared, by name: the balance. */
  uses: readonly string[]
  /** It may not begin before so many seconds after the end of an earlier act of its group: what soaks must soak. */
  after?: { act: number; seconds: number }
}

/** An act with its time, in seconds since testing began. */
export interface PlacedActivity extends Activity {
  from: number
  to: number
}

/** What every group does and when. */
export interface Schedule {
  /** By group, in the order in which each does it. */
  groups: PlacedActivity[][]
  /** When the last one is done. */
  seconds: number
  /** Whether no other order could be shorter. */
  proven: boolean
}
